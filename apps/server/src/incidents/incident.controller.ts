import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { Noted } from '../trail/noted.js';
import { IncidentDraftDto, IncidentDto } from './incident.dto.js';
import { IncidentRepository } from './incident.repository.js';

/** What happened to people in or around classes. */
@ApiTags('incidents')
@Allow(...TEACHERS)
@Controller('api')
export class IncidentController {
  constructor(private readonly incidents: IncidentRepository) {}

  @Get('incidents')
  @Noted('incident')
  @ApiOkResponse({ type: [IncidentDto] })
  list(@Context() context: RequestContext): Promise<IncidentDto[]> {
    return this.incidents.all(context);
  }

  @Post('people/:id/incidents')
  @Noted('incident', 'person', 'added')
  @ApiCreatedResponse({ type: SavedDto })
  create(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() draft: IncidentDraftDto,
  ): Promise<SavedDto> {
    return this.incidents.create(context, id, draft);
  }

  @Put('people/:id/incidents/:incident')
  @Noted('incident', 'person')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('incident', ParseUUIDPipe) incident: string,
    @Body() draft: IncidentDraftDto,
    @ReadVersion() read: number,
  ): Promise<SavedDto> {
    return this.incidents.update(context, id, incident, draft, read);
  }
}
