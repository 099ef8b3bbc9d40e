import { Body, Controller, Get, Header, HttpCode, Param, ParseUUIDPipe, Post, Query } from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import { LetterDto, LetterQueryDto } from './letter.dto.js';
import { LetterService } from './letter.service.js';

const PDF = 'application/pdf';

/** Letters to whoever treats somebody. */
@ApiTags('letters')
@Allow(...TEACHERS)
@Controller('api/people/:id/letter')
export class LetterController {
  constructor(private readonly letters: LetterService) {}

  /** The beginning of a letter: what is practised, left out, seen, and a question. */
  @Get()
  @Noted('letter', 'person')
  @ApiOkResponse({ type: LetterDto })
  async draft(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() { to }: LetterQueryDto,
  ): Promise<LetterDto> {
    return { text: await this.letters.draft(context, id, to) };
  }

  /** A letter as it was edited, to be printed. */
  @Post('pdf')
  @Noted('letter', 'person', 'handed out')
  @HttpCode(200)
  @ApiProduces(PDF)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  @Header('Content-Type', PDF)
  pdf(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) _id: string,
    @Body() { text }: LetterDto,
  ): Promise<Buffer> {
    return this.letters.pdf(context, text);
  }
}
