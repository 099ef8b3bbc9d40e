import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { readRoom, readStock } from '@lotus-steady/core';
import { Allow, Context, STAFF, TEACHERS, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { PlaceDraftDto, PlaceDto } from './place.dto.js';
import { PlaceRepository, type PlaceColumns } from './place.repository.js';

/** @throws FieldsException for counts that are none, and a room that cannot be */
function columnsOf({ name, most, stock, room: asked }: PlaceDraftDto): PlaceColumns {
  const { stock: counted, errors: wrongCounts } = readStock(stock);
  const { room = null, errors: wrongRoom } = asked ? readRoom(asked) : { errors: [] };
  const errors = [...wrongCounts, ...wrongRoom];
  if (errors.length) throw new FieldsException(errors);
  return { name, most: most ?? null, stock: counted, room };
}

/** Rooms, and houses that one goes to, with what is in them. */
@ApiTags('places')
@Allow(...TEACHERS)
@Controller('api/places')
export class PlaceController {
  constructor(private readonly places: PlaceRepository) {}

  @Get()
  @Allow(...STAFF)
  @ApiOkResponse({ type: [PlaceDto] })
  list(@Context() context: RequestContext): Promise<PlaceDto[]> {
    return this.places.all(context);
  }

  @Post()
  @ApiCreatedResponse({ type: SavedDto })
  create(@Context() context: RequestContext, @Body() draft: PlaceDraftDto): Promise<SavedDto> {
    return this.places.create(context, columnsOf(draft));
  }

  @Put(':id')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() draft: PlaceDraftDto,
    @ReadVersion() read: number,
  ): Promise<SavedDto> {
    return this.places.update(context, id, columnsOf(draft), read);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.places.remove(context, id);
  }
}
