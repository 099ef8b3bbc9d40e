import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import { MarkDraftDto, MarkDto } from './mark.dto.js';
import { MarkRepository } from './mark.repository.js';

/** What is noted while a class is taught. */
@ApiTags('classes')
@Allow(...TEACHERS)
@Controller('api/classes/:id/marks')
export class MarkController {
  constructor(private readonly marks: MarkRepository) {}

  @Get()
  @Noted('record of a class', 'class')
  @ApiOkResponse({ type: [MarkDto] })
  list(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<MarkDto[]> {
    return this.marks.of(context, id);
  }

  /** Keeps a mark under an id that the device gives it: told again it is one and the same. */
  @Put(':mark')
  @Noted('record of a class', 'class')
  @HttpCode(204)
  @ApiNoContentResponse()
  keep(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('mark', ParseUUIDPipe) mark: string,
    @Body() draft: MarkDraftDto,
  ): Promise<void> {
    return this.marks.keep(context, id, mark, draft);
  }

  @Delete(':mark')
  @Noted('record of a class', 'class', 'changed')
  @HttpCode(204)
  @ApiNoContentResponse()
  takeBack(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('mark', ParseUUIDPipe) mark: string,
  ): Promise<void> {
    return this.marks.takeBack(context, id, mark);
  }
}
