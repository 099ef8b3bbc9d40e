import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Req,
  Res,
} from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { LinkSecretDto, NewLinkDto } from '../accounts/account.dto.js';
import { giveSession, secretIn, takeSession } from '../accounts/cookies.js';
import { callerOf } from '../accounts/session.controller.js';
import { Sessions } from '../accounts/sessions.js';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import {
  DiaryDraftDto,
  DiaryEntryDto,
  EverythingDto,
  MineDto,
  OwnAnswersDto,
  OwnFormDto,
  PersonLinkDto,
  SentAnswersDto,
} from './mine.dto.js';
import { MineService } from './mine.service.js';

/** What is a person's own. */
@ApiTags('mine')
@Allow('person')
@Controller('api/mine')
export class MineController {
  constructor(
    private readonly service: MineService,
    private readonly sessions: Sessions,
  ) {}

  /** Opens her page with her private link. */
  @Post('open')
  @HttpCode(204)
  @Allow('anyone')
  @ApiNoContentResponse()
  async open(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
    @Body() { secret }: LinkSecretDto,
  ): Promise<void> {
    giveSession(request, reply, 'mine', await this.service.open(secret, callerOf(request)));
  }

  @Get()
  @Noted('own page', 'own')
  @ApiOkResponse({ type: MineDto })
  mine(@Context() context: RequestContext): Promise<MineDto> {
    return this.service.mine(context);
  }

  /** Writes in her diary, for today. */
  @Post('diary')
  @Noted('diary', 'own', 'added')
  @HttpCode(204)
  @ApiNoContentResponse()
  write(@Context() context: RequestContext, @Body() draft: DiaryDraftDto): Promise<void> {
    return this.service.write(context, draft);
  }

  @Delete('diary/:id')
  @Noted('diary', 'own')
  @HttpCode(204)
  @ApiNoContentResponse()
  takeBack(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.service.takeBack(context, id);
  }

  /** What is known of her, to look at and put right. */
  @Get('form')
  @Noted('own form', 'own')
  @ApiOkResponse({ type: OwnFormDto })
  form(@Context() context: RequestContext): Promise<OwnFormDto> {
    return this.service.form(context);
  }

  /** Sends what she has filled in to her teacher. */
  @Put('form')
  @Noted('own form', 'own')
  @HttpCode(204)
  @ApiNoContentResponse()
  sendForm(@Context() context: RequestContext, @Body() answers: OwnAnswersDto): Promise<void> {
    return this.service.sendForm(context, answers);
  }

  /** Closes her page on this device. */
  @Delete()
  @HttpCode(204)
  @ApiNoContentResponse()
  async close(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    await this.sessions.end(secretIn(request, 'mine')!);
    takeSession(request, reply, 'mine');
  }
}

/** A person's private link and diary, for her teacher. */
@ApiTags('people')
@Allow(...TEACHERS)
@Controller('api/people')
export class PersonLinkController {
  constructor(private readonly service: MineService) {}

  @Get(':id/link')
  @ApiOkResponse({ type: [PersonLinkDto] })
  linkOf(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<PersonLinkDto[]> {
    return this.service.linkOf(context, id);
  }

  @Post(':id/link')
  @Noted('private link', 'person', 'handed out')
  @ApiCreatedResponse({ type: NewLinkDto })
  makeLink(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<NewLinkDto> {
    return this.service.makeLink(context, id);
  }

  @Delete(':id/link')
  @Noted('private link', 'person')
  @HttpCode(204)
  @ApiNoContentResponse()
  endLinks(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.service.endLinks(context, id);
  }

  /** Everything that is kept about her, to be handed to her. */
  @Get(':id/everything')
  @Noted('everything', 'person', 'handed out')
  @ApiOkResponse({ type: EverythingDto })
  everything(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<EverythingDto> {
    return this.service.everything(context, id);
  }

  /** What she has filled in herself, if anything waits. */
  @Get(':id/answers')
  @Noted('own answers', 'person')
  @ApiOkResponse({ type: [SentAnswersDto] })
  answersOf(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<SentAnswersDto[]> {
    return this.service.answersOf(context, id);
  }

  /** It was looked at. */
  @Delete(':id/answers')
  @Noted('own answers', 'person')
  @HttpCode(204)
  @ApiNoContentResponse()
  answersDone(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.service.answersDone(context, id);
  }

  @Get(':id/diary')
  @Noted('diary', 'person')
  @ApiOkResponse({ type: [DiaryEntryDto] })
  diaryOf(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<DiaryEntryDto[]> {
    return this.service.diaryOf(context, id);
  }
}
