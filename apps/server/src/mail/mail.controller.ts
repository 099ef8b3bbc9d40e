import { Body, Controller, Delete, Get, Header, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiTags,
} from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import { MailDraftDto, MailDto, OutboxDto } from './mail.dto.js';
import { MailService } from './mail.service.js';

const PDF = 'application/pdf';

/** What goes out by mail. */
@ApiTags('mail')
@Allow(...TEACHERS)
@Controller('api')
export class MailController {
  constructor(private readonly mail: MailService) {}

  @Get('mail')
  @Noted('mail')
  @ApiOkResponse({ type: OutboxDto })
  outbox(@Context() context: RequestContext): Promise<OutboxDto> {
    return this.mail.outbox(context);
  }

  /** Puts something for or about somebody into the outbox. */
  @Post('people/:id/mail')
  @Noted('mail', 'person', 'handed out')
  @ApiCreatedResponse({ type: MailDto })
  put(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() draft: MailDraftDto,
  ): Promise<MailDto> {
    return this.mail.put(context, id, draft);
  }

  @Get('mail/:id/file')
  @Noted('mail')
  @ApiProduces(PDF)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  @Header('Content-Type', PDF)
  @Header('Content-Disposition', 'inline')
  file(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<Buffer> {
    return this.mail.file(context, id);
  }

  /** Sends it, or tries again. */
  @Post('mail/:id/send')
  @Noted('mail', undefined, 'handed out')
  @HttpCode(200)
  @ApiOkResponse({ type: MailDto })
  send(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<MailDto> {
    return this.mail.send(context, id);
  }

  @Delete('mail/:id')
  @Noted('mail')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.mail.remove(context, id);
  }
}
