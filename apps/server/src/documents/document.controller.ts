import {
  BadRequestException,
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Query,
  Res,
} from '@nestjs/common';
import {
  ApiBody,
  ApiConsumes,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiProperty,
  ApiTags,
} from '@nestjs/swagger';
import { IsUUID } from 'class-validator';
import type { FastifyReply } from 'fastify';
import { Allow, Context, TEACHERS, type RequestContext } from '../common/context.js';
import type { Did } from '../trail/entry.js';
import { Noted } from '../trail/noted.js';
import { Trail } from '../trail/trail.js';
import { DocumentDraftDto, DocumentDto } from './document.dto.js';
import { Documents } from './documents.js';
import { DOCUMENT_KINDS } from './kinds.js';

/** Whose documents are wanted. */
export class DocumentsQueryDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() person!: string;
}

/** What was begun. */
export class BegunDocumentDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
}

/** Letters and reports of people. */
@ApiTags('documents')
@Allow(...TEACHERS)
@Controller('api/documents')
export class DocumentController {
  constructor(
    private readonly documents: Documents,
    private readonly trail: Trail,
  ) {}

  @Get()
  @Noted('document', 'named')
  @ApiOkResponse({ type: [DocumentDto] })
  list(@Context() context: RequestContext, @Query() { person }: DocumentsQueryDto): Promise<DocumentDto[]> {
    return this.documents.of(context, person);
  }

  /** Says what a document is called; its bytes come after. */
  @Post()
  @Noted('document', 'named', 'added')
  @ApiCreatedResponse({ type: BegunDocumentDto })
  begin(@Context() context: RequestContext, @Body() draft: DocumentDraftDto): Promise<BegunDocumentDto> {
    return this.documents.begin(context, draft);
  }

  @Put(':id/file')
  @HttpCode(204)
  @ApiConsumes(...Object.keys(DOCUMENT_KINDS))
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiNoContentResponse()
  async keep(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() bytes: unknown,
  ): Promise<void> {
    if (!Buffer.isBuffer(bytes))
      throw new BadRequestException('A document is a PDF, or a picture (JPEG, PNG).');
    await this.note(context, 'changed', await this.documents.keep(context, id, bytes));
  }

  /** The document itself, to be saved: nothing of it is shown in a page of ours. */
  @Get(':id/file')
  @ApiProduces(...Object.keys(DOCUMENT_KINDS))
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async read(
    @Context() context: RequestContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<Buffer> {
    const { bytes, kind, personId } = await this.documents.read(context, id);
    await this.note(context, 'handed out', personId);
    reply
      .type(kind)
      .header('Content-Disposition', `attachment; filename="document.${DOCUMENT_KINDS[kind]!.ending}"`);
    return bytes;
  }

  /** Brings a document back that was removed a moment ago. */
  @Post(':id/restore')
  @HttpCode(204)
  @ApiNoContentResponse()
  async restore(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.note(context, 'brought back', await this.documents.restore(context, id));
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  async remove(@Context() context: RequestContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.note(context, 'removed', await this.documents.remove(context, id));
  }

  /** Whose a document is its address does not say: what is done with one is noted here. */
  private async note(context: RequestContext, did: Did, personId: string): Promise<void> {
    await this.trail.note(context, { did, what: 'document', personId });
  }
}
