import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, STAFF, type RequestContext } from '../common/context.js';
import { SpotDto, SpotsDto } from './spot.dto.js';
import { SpotRepository } from './spot.repository.js';

/** Where people are in the room of a class: whoever helps lays mats out too. */
@ApiTags('classes')
@Allow(...STAFF)
@Controller('api/classes/:id/spots')
export class SpotController {
  constructor(private readonly spots: SpotRepository) {}

  @Get()
  @ApiOkResponse({ type: [SpotDto] })
  list(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<SpotDto[]> {
    return this.spots.of(context, id);
  }

  /** Keeps the places of some; two who move different people both keep what they did. */
  @Put()
  @HttpCode(204)
  @ApiNoContentResponse()
  keep(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { spots }: SpotsDto,
  ): Promise<void> {
    return this.spots.keep(context, id, spots);
  }

  /** All are laid out by themselves again. */
  @Delete()
  @HttpCode(204)
  @ApiNoContentResponse()
  forget(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.spots.forget(context, id);
  }
}
