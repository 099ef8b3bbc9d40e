import { Controller, Get, Header, Param, Query } from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import { Allow, Context, STAFF, type RequestContext } from '../common/context.js';
import { Gone } from '../threads/gone.js';
import { Noted } from '../trail/noted.js';
import { SheetAddressDto, SheetQueryDto } from './sheet.dto.js';
import { SheetService } from './sheet.service.js';

const PDF = 'application/pdf';

/** A class on paper. */
@ApiTags('sheets')
@Allow(...STAFF)
@Controller('api/classes/:id/sheets')
export class SheetController {
  constructor(private readonly sheets: SheetService) {}

  /** A sheet of a class, to be printed; for an assistant nothing of anybody's health is on it. */
  @Get(':kind')
  @Noted('class', 'class', 'handed out')
  @ApiProduces(PDF)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  @Header('Content-Type', PDF)
  @Header('Content-Disposition', 'inline')
  one(
    @Context() context: RequestContext,
    @Param() { id, kind }: SheetAddressDto,
    @Query() { ink, wordless }: SheetQueryDto,
    @Gone() gone: AbortSignal,
  ): Promise<Buffer> {
    const how = { kind, isInk: ink === 'true', isWordless: wordless === 'true' };
    return this.sheets.pdf(context, id, how, gone);
  }
}
