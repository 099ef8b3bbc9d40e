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
import { Allow, Context, STAFF, type RequestContext } from '../common/context.js';
import {
  InvitationDraftDto,
  InvitationDto,
  LinkDto,
  LinkSecretDto,
  MemberDto,
  NewLinkDto,
  RoleDto,
  TakeLinkDto,
} from './account.dto.js';
import { giveSession } from './cookies.js';
import { MemberService } from './member.service.js';
import { callerOf } from './session.controller.js';

/** Who belongs to the hall: an owner says. */
@ApiTags('members')
@Allow('owner')
@Controller('api/members')
export class MemberController {
  constructor(private readonly members: MemberService) {}

  @Get()
  @ApiOkResponse({ type: [MemberDto] })
  list(@Context() context: RequestContext): Promise<MemberDto[]> {
    return this.members.list(context);
  }

  @Get('invitations')
  @ApiOkResponse({ type: [InvitationDto] })
  invitations(@Context() context: RequestContext): Promise<InvitationDto[]> {
    return this.members.invitations(context);
  }

  @Post('invitations')
  @ApiCreatedResponse({ type: NewLinkDto })
  invite(@Context() context: RequestContext, @Body() draft: InvitationDraftDto): Promise<NewLinkDto> {
    return this.members.invite(context, draft);
  }

  @Delete('invitations/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  takeBack(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.members.takeBack(context, id);
  }

  @Put(':id/role')
  @HttpCode(204)
  @ApiNoContentResponse()
  changeRole(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { role }: RoleDto,
  ): Promise<void> {
    return this.members.changeRole(context, id, role);
  }

  /** A link with which somebody sets her password anew. */
  @Post(':id/reset')
  @ApiCreatedResponse({ type: NewLinkDto })
  reset(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<NewLinkDto> {
    return this.members.reset(context, id);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.members.remove(context, id);
  }
}

/** Links as whoever has one opens them. */
@ApiTags('links')
@Controller('api/links')
export class LinkController {
  constructor(private readonly members: MemberService) {}

  /** What a link is for. */
  @Post('look')
  @HttpCode(200)
  @Allow('anyone')
  @ApiOkResponse({ type: LinkDto })
  look(@Body() { secret }: LinkSecretDto): Promise<LinkDto> {
    return this.members.look(secret);
  }

  /** Takes up an invitation with a new account, or sets a password anew; and signs in. */
  @Post('take')
  @HttpCode(204)
  @Allow('anyone')
  @ApiNoContentResponse()
  async take(
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
    @Body() body: TakeLinkDto,
  ): Promise<void> {
    giveSession(request, reply, 'session', await this.members.take(body, callerOf(request)));
  }

  /** Takes up an invitation with the account one is signed in with. */
  @Post('join')
  @HttpCode(204)
  @Allow(...STAFF)
  @ApiNoContentResponse()
  join(@Context() context: RequestContext, @Body() { secret }: LinkSecretDto): Promise<void> {
    return this.members.joinAs(context, secret);
  }
}
