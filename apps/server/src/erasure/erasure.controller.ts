import {
  BadRequestException,
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
} from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { PersonRepository } from '../people/person.repository.js';
import { EraseDto, ErasedDto, KeptForDto, RetentionDto } from './erasure.dto.js';
import { Erasure } from './erasure.js';
import { Retention } from './retention.js';

/** Takes people away for good: one when she asks for it, all who have not come for long enough. */
@ApiTags('erasure')
@Allow('owner')
@Controller('api')
export class ErasureController {
  constructor(
    private readonly people: PersonRepository,
    private readonly erasure: Erasure,
    private readonly retention: Retention,
  ) {}

  /** Erases somebody everywhere, at once and for good. It notes itself in the trail. */
  @Post('people/:id/erase')
  @HttpCode(200)
  @Allow(...TEACHERS)
  @ApiOkResponse({ type: ErasedDto })
  async erase(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { name }: EraseDto,
  ): Promise<ErasedDto> {
    if ((await this.people.nameOf(context, id)) !== name.trim())
      throw new BadRequestException('Write her name as it stands in the list: nobody is erased by a slip.');
    return this.erasure.erase(context, id);
  }

  /** How long people are kept, and who goes within 60 days. */
  @Get('retention')
  @ApiOkResponse({ type: RetentionDto })
  kept(@Context() context: RequestContext): Promise<RetentionDto> {
    return this.retention.of(context);
  }

  @Put('retention')
  @HttpCode(204)
  @ApiNoContentResponse()
  keepFor(@Context() context: RequestContext, @Body() { months }: KeptForDto): Promise<void> {
    return this.retention.keepFor(context, months);
  }
}
