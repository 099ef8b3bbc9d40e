import { Body, Controller, Delete, Get, HttpCode, Post, Put, Req, Res } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Allow, Context, STAFF, type RequestContext } from '../common/context.js';
import { isFromHere } from '../common/fromHere.js';
import { giveSession, secretIn, takeSession } from './cookies.js';
import { deviceOf } from './deviceOf.js';
import { FirstOwnerDto, HallChoiceDto, NewHallDto, SessionDto, SignInDto } from './session.dto.js';
import { SessionService, type Caller } from './session.service.js';
import { Sessions } from './sessions.js';

/** From where somebody asks, and with what. */
export const callerOf = (request: FastifyRequest): Caller => ({
  place: request.ip,
  device: deviceOf(request),
  isHere: isFromHere(request),
});

@ApiTags('session')
@Controller('api/session')
export class SessionController {
  constructor(
    private readonly service: SessionService,
    private readonly sessions: Sessions,
  ) {}

  @Get()
  @Allow('anyone')
  @ApiOkResponse({ type: SessionDto })
  current(@Req() request: FastifyRequest): Promise<SessionDto> {
    return this.service.current(secretIn(request, 'session'), callerOf(request));
  }

  @Post()
  @HttpCode(200)
  @Allow('anyone')
  @ApiOkResponse({ type: SessionDto })
  async signIn(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
    @Body() body: SignInDto,
  ): Promise<SessionDto> {
    return this.begun(request, reply, await this.service.signIn(body, callerOf(request)));
  }

  /** Opens the demo as its teacher. */
  @Post('demo')
  @HttpCode(200)
  @Allow('anyone')
  @ApiOkResponse({ type: SessionDto })
  async demo(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<SessionDto> {
    return this.begun(request, reply, await this.service.signInToDemo(callerOf(request)));
  }

  /** Begins a hall of one's own, as its owner. */
  @Post('first')
  @HttpCode(200)
  @Allow('anyone')
  @ApiOkResponse({ type: SessionDto })
  async first(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
    @Body() body: FirstOwnerDto,
  ): Promise<SessionDto> {
    return this.begun(request, reply, await this.service.beginHall(body, callerOf(request)));
  }

  /** Removes the demo with all its people; nothing of one's own is in it. */
  @Delete('demo')
  @HttpCode(204)
  @Allow('owner')
  @ApiNoContentResponse()
  removeDemo(@Context() context: RequestContext): Promise<void> {
    return this.service.removeDemo(context);
  }

  /** Goes on in another of one's halls. */
  @Put('hall')
  @HttpCode(204)
  @Allow(...STAFF)
  @ApiNoContentResponse()
  moveTo(@Context() context: RequestContext, @Body() { hallId }: HallChoiceDto): Promise<void> {
    return this.service.moveTo(context, hallId);
  }

  /** Begins one more hall, and goes on in it. */
  @Post('halls')
  @HttpCode(204)
  @Allow('owner')
  @ApiNoContentResponse()
  addHall(@Context() context: RequestContext, @Body() body: NewHallDto): Promise<void> {
    return this.service.addHall(context, body);
  }

  @Delete()
  @HttpCode(204)
  @Allow(...STAFF)
  @ApiNoContentResponse()
  async signOut(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    await this.sessions.end(secretIn(request, 'session')!);
    takeSession(request, reply, 'session');
  }

  /** What was there before ends: a session is never carried over into a new one. */
  private async begun(request: FastifyRequest, reply: FastifyReply, secret: string): Promise<SessionDto> {
    const before = secretIn(request, 'session');
    if (before) await this.sessions.end(before);
    giveSession(request, reply, 'session', secret);
    return this.service.current(secret, { isHere: false });
  }
}
