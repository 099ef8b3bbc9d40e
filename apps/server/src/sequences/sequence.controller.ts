import { Body, Controller, Get, Param, ParseIntPipe, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import {
  SequenceChangeDto,
  SequenceDraftDto,
  SequenceDto,
  SequenceVersionDto,
  SequenceVersionLineDto,
} from './sequence.dto.js';
import { SequenceService } from './sequence.service.js';

@ApiTags('sequences')
@Allow(...TEACHERS)
@Controller('api/sequences')
export class SequenceController {
  constructor(private readonly sequences: SequenceService) {}

  @Get()
  @ApiOkResponse({ type: [SequenceDto] })
  list(@Context() context: RequestContext) {
    return this.sequences.list(context);
  }

  @Get(':id')
  @ApiOkResponse({ type: SequenceDto })
  one(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.sequences.one(context, id);
  }

  /** How it was, the last first. */
  @Get(':id/versions')
  @ApiOkResponse({ type: [SequenceVersionLineDto] })
  versions(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.sequences.versions(context, id);
  }

  @Get(':id/versions/:version')
  @ApiOkResponse({ type: SequenceVersionDto })
  version(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('version', ParseIntPipe) version: number,
  ) {
    return this.sequences.version(context, id, version);
  }

  @Post()
  @ApiCreatedResponse({ type: SavedDto })
  create(@Context() context: RequestContext, @Body() sequence: SequenceDraftDto) {
    return this.sequences.create(context, sequence);
  }

  @Put(':id')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() change: SequenceChangeDto,
    @ReadVersion() read: number,
  ) {
    return this.sequences.update(context, id, change, read);
  }
}
