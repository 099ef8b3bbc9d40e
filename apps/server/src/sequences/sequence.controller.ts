import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { SequenceDraftDto, SequenceDto } from './sequence.dto.js';
import { SequenceService } from './sequence.service.js';

@ApiTags('sequences')
@Allow('owner')
@Controller('api/sequences')
export class SequenceController {
  constructor(private readonly sequences: SequenceService) {}

  @Get()
  @ApiOkResponse({ type: [SequenceDto] })
  list(@Context() context: RequestContext) {
    return this.sequences.list(context);
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
    @Body() sequence: SequenceDraftDto,
    @ReadVersion() read: number,
  ) {
    return this.sequences.update(context, id, sequence, read);
  }
}
