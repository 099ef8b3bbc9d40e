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
import { Allow, Context, STAFF, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import { JSON_TYPE } from '../common/jsonType.js';
import { SavedDto } from '../common/problem.dto.js';
import { ApiVersioned, ReadVersion } from '../common/versions.js';
import { Gone } from '../threads/gone.js';
import {
  ClassDraftDto,
  ClassDto,
  ClassSequenceDto,
  DoorAnswerDto,
  DoorDto,
  ClassesQueryDto,
  ClassInputsDto,
  ClassLineDto,
  FitDto,
  FittedDto,
  PlanDto,
  RecheckDto,
} from './class.dto.js';
import { ClassDayService } from './classDay.service.js';
import { ClassService } from './class.service.js';
import { LastTimeDto } from './lastTime.dto.js';
import { AfterClassDto, LearnedPaceDto } from './record.dto.js';
import { RecordService } from './record.service.js';

@ApiTags('classes')
@Allow(...TEACHERS)
@Controller('api/classes')
export class ClassController {
  constructor(
    private readonly classes: ClassService,
    private readonly day: ClassDayService,
    private readonly records: RecordService,
  ) {}

  @Get()
  @Allow(...STAFF)
  @ApiOkResponse({ type: [ClassLineDto] })
  list(@Context() context: RequestContext, @Query() query: ClassesQueryDto) {
    return this.classes.list(context, query);
  }

  /** What the last classes that were taught say of how long things take. */
  @Get('pace')
  @ApiOkResponse({ type: LearnedPaceDto })
  learnedPace(@Context() context: RequestContext): Promise<LearnedPaceDto> {
    return this.records.learnedPace(context);
  }

  /** A class with its fitting; for an assistant nothing of anybody's health is in it. */
  @Get(':id')
  @Noted('class', 'class')
  @Allow(...STAFF)
  @ApiOkResponse({ type: ClassDto })
  @Header('Content-Type', JSON_TYPE)
  one(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<Buffer> {
    return this.classes.json(context, id);
  }

  /** A fitting for what is on the form, without keeping it. */
  @Post('fit')
  @Noted('fitting', undefined, 'read')
  @HttpCode(200)
  @ApiOkResponse({ type: FittedDto })
  @Header('Content-Type', JSON_TYPE)
  fit(@Context() context: RequestContext, @Body() draft: FitDto, @Gone() gone: AbortSignal): Promise<string> {
    return this.classes.fit(context, draft, gone);
  }

  @Post()
  @Noted('class', 'class', 'added')
  @ApiCreatedResponse({ type: SavedDto })
  create(@Context() context: RequestContext, @Body() draft: ClassDraftDto) {
    return this.classes.create(context, draft);
  }

  @Put(':id')
  @Noted('class', 'class')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  update(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() draft: ClassDraftDto,
    @ReadVersion() read: number,
  ) {
    return this.classes.update(context, id, draft, read);
  }

  /** What a fitting of this class is made from today. */
  @Get(':id/inputs')
  @Noted('class', 'class')
  @ApiOkResponse({ type: ClassInputsDto })
  inputs(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.classes.inputs(context, id);
  }

  /** What would differ if it were fitted today. */
  @Get(':id/recheck')
  @Noted('class', 'class')
  @ApiOkResponse({ type: RecheckDto })
  async recheck(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Gone() gone: AbortSignal,
  ): Promise<RecheckDto> {
    return { comparison: await this.classes.recheck(context, id, gone) };
  }

  /** Keeps an edit, fitted with what is known today. */
  @Put(':id/plan')
  @Noted('plan of a class', 'class')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  savePlan(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() plan: PlanDto,
    @ReadVersion() read: number,
  ) {
    return this.classes.savePlan(context, id, plan, read);
  }

  /** Keeps how somebody is today, and fits the class again; nobody else's is touched. */
  @Put(':id/door')
  @Noted('today at the door', 'class')
  @ApiOkResponse({ type: DoorAnswerDto })
  atTheDoor(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() asked: DoorDto,
  ): Promise<DoorAnswerDto> {
    return this.day.atTheDoor(context, id, asked);
  }

  /** Counts a class as begun from a sequence that was saved from it; its plan stays as it is. */
  @Put(':id/sequence')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  saveSequence(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { sequenceId }: ClassSequenceDto,
    @ReadVersion() read: number,
  ) {
    return this.classes.saveSequence(context, id, sequenceId, read);
  }

  /** How the last class before this one was for each who is down for it. */
  @Get(':id/last')
  @Noted('record of a class', 'class')
  @ApiOkResponse({ type: [LastTimeDto] })
  lastTimes(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<LastTimeDto[]> {
    return this.records.lastTimes(context, id);
  }

  @Put(':id/record')
  @Noted('record of a class', 'class')
  @ApiVersioned()
  @ApiOkResponse({ type: SavedDto })
  saveRecords(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() after: AfterClassDto,
    @ReadVersion() read: number,
  ) {
    return this.records.save(context, id, after, read);
  }

  /** Brings a class back that was removed a moment ago. */
  @Post(':id/restore')
  @Noted('class', 'class', 'brought back')
  @HttpCode(204)
  @ApiNoContentResponse()
  restore(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.classes.restore(context, id);
  }

  @Delete(':id')
  @Noted('class', 'class')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string) {
    return this.classes.remove(context, id);
  }
}
