import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Query,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import { JSON_TYPE } from '../common/jsonType.js';
import { PageDto } from '../common/page.dto.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import {
  FindPeopleDto,
  HistoryDto,
  PeopleQueryDto,
  PersonDraftDto,
  PersonDto,
  PersonLineDto,
  PersonVersionDto,
  PersonWholeDto,
  PropNoteDto,
} from './person.dto.js';
import { PersonService } from './person.service.js';

@ApiTags('people')
@Allow(...TEACHERS)
@Controller('api/people')
export class PersonController {
  constructor(private readonly people: PersonService) {}

  @Get()
  @Noted('list of people')
  @ApiOkResponse({ type: [PersonLineDto] })
  @Header('Content-Type', JSON_TYPE)
  list(@Context() context: RequestContext, @Query() query: PeopleQueryDto): Promise<string> {
    return this.people.list(context, query);
  }

  /** Those who are called so, have that, or are down for that. */
  @Post('find')
  @HttpCode(200)
  @Noted('list of people', undefined, 'read')
  @ApiOkResponse({ type: [PersonLineDto] })
  @Header('Content-Type', JSON_TYPE)
  find(@Context() context: RequestContext, @Body() { words, ...page }: FindPeopleDto): Promise<string> {
    return this.people.list(context, page, words);
  }

  /** The names of everybody, and nothing else of them: what a file is held against. */
  @Get('names')
  @ApiOkResponse({ type: [String] })
  names(@Context() context: RequestContext): Promise<string[]> {
    return this.people.names(context);
  }

  /** Everybody with all that is known of them, to be handed out as a table. */
  @Get('table')
  @Noted('list of people', undefined, 'handed out')
  @ApiOkResponse({ type: [PersonLineDto] })
  table(@Context() context: RequestContext): Promise<PersonLineDto[]> {
    return this.people.everybody(context);
  }

  /** The names of those of whom nothing can be read: its key is not here, or it was changed outside. */
  @Get('unreadable')
  @ApiOkResponse({ type: [String] })
  unreadable(@Context() context: RequestContext): Promise<string[]> {
    return this.people.unreadable(context);
  }

  @Get(':id')
  @Noted('person', 'person')
  @ApiOkResponse({ type: PersonDto })
  one(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.people.one(context, id);
  }

  /** With how classes were, how much was done in each, and how far it went: what charts are drawn from. */
  @Get(':id/progress')
  @Noted('person', 'person')
  @ApiOkResponse({ type: PersonWholeDto })
  progress(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.people.whole(context, id, true);
  }

  /** How classes were for somebody. */
  @Get(':id/history')
  @Noted('person', 'person')
  @ApiOkResponse({ type: HistoryDto })
  history(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() page: PageDto,
  ): Promise<HistoryDto> {
    return this.people.history(context, id, page);
  }

  /** How somebody was known from each change on, the latest first. */
  @Get(':id/changes')
  @Noted('changes', 'person')
  @ApiOkResponse({ type: [PersonVersionDto] })
  changes(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<PersonVersionDto[]> {
    return this.people.changes(context, id);
  }

  @Post()
  @Noted('person', 'person', 'added')
  @ApiCreatedResponse({ type: SavedDto })
  create(@Context() context: RequestContext, @Body() person: PersonDraftDto) {
    return this.people.create(context, person);
  }

  @Put(':id')
  @Noted('person', 'person')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() person: PersonDraftDto,
    @ReadVersion() read: number,
  ) {
    return this.people.update(context, id, person, read);
  }

  /** Keeps what worked for someone: one height a task. */
  @Put(':id/props')
  @Noted('prop heights', 'person')
  @HttpCode(204)
  @ApiNoContentResponse()
  saveProp(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() note: PropNoteDto,
  ) {
    return this.people.saveProp(context, id, note);
  }

  /** Brings a person back that was removed a moment ago. */
  @Post(':id/restore')
  @Noted('person', 'person', 'brought back')
  @HttpCode(204)
  @ApiNoContentResponse()
  restore(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.people.restore(context, id);
  }

  @Delete(':id')
  @Noted('person', 'person')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.people.remove(context, id);
  }
}
