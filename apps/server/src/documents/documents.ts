import { randomUUID } from 'node:crypto';
import { BadRequestException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import { Unreadable, Vault } from '../common/vault.js';
import { Transactions } from '../database/transactions.js';
import { PersonRow } from '../people/person.model.js';
import { PersonRepository } from '../people/person.repository.js';
import { placeIn, SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import type { DocumentDraftDto, DocumentDto } from './document.dto.js';
import { DocumentRow } from './document.model.js';
import { kindOf } from './kinds.js';

/** What is sealed of a document beside its bytes. */
type About = Pick<DocumentDto, 'name' | 'on' | 'by' | 'size'> & { kind?: string };

/** Letters and reports of people; readable only with the key. */
@Injectable()
export class Documents {
  constructor(
    @InjectModel(DocumentRow) private readonly rows: typeof DocumentRow,
    private readonly people: PersonRepository,
    private readonly vault: Vault,
    private readonly transactions: Transactions,
  ) {}

  /** The latest first, without their bytes. @throws NotFoundException where she is not in this hall */
  async of(context: RequestContext, personId: string): Promise<DocumentDto[]> {
    await this.people.there(context, personId);
    const rows = await this.rows.findAll({
      attributes: { exclude: ['file'] },
      where: { personId },
      order: [
        ['createdAt', 'DESC'],
        ['id', 'ASC'],
      ],
    });
    return rows.map((row) => {
      const { id } = row;
      const addedAt = row.createdAt.toISOString();
      try {
        const { kind: _kind, ...about } = this.about(row);
        return { id, addedAt, ...about };
      } catch (error) {
        if (error instanceof Unreadable) return { id, addedAt, name: '', size: 0, unreadable: true };
        throw error;
      }
    });
  }

  /** Keeps what a document is called; its bytes come after. @throws NotFoundException */
  async begin(context: RequestContext, draft: DocumentDraftDto): Promise<{ id: string }> {
    const { personId, name, on, by } = draft;
    await this.people.there(context, personId);
    return this.transactions.run(async (transaction) => {
      const id = randomUUID();
      const about: About = { name, size: 0, ...(on ? { on } : {}), ...(by ? { by } : {}) };
      const sealed = sealJson(this.vault, SEALED.documentAbout, [id], about);
      await this.rows.create({ id, personId, sealed, file: null }, { transaction });
      return { id };
    });
  }

  /** @returns whose it is @throws BadRequestException for what is no document @throws NotFoundException */
  async keep(context: RequestContext, id: string, bytes: Buffer): Promise<string> {
    const kind = kindOf(bytes);
    if (!kind) throw new BadRequestException('A document is a PDF, or a picture (JPEG, PNG).');
    const { personId } = await this.row(context, id);
    await this.transactions.run(async (transaction) => {
      const row = await this.row(context, id, { transaction });
      const about = { ...this.about(row), kind, size: bytes.length };
      await row.update(
        {
          sealed: sealJson(this.vault, SEALED.documentAbout, [id], about),
          file: this.vault.sealBytes(bytes, placeIn(SEALED.documentFile, id)),
        },
        { transaction },
      );
    });
    return personId;
  }

  /** @throws NotFoundException @throws Unreadable */
  async read(
    context: RequestContext,
    id: string,
  ): Promise<{ bytes: Buffer; kind: string; personId: string }> {
    const row = await this.row(context, id);
    const { kind } = this.about(row);
    if (!row.file || !kind) throw new NotFoundException('This document has not come yet.');
    return {
      bytes: this.vault.openBytes(row.file, placeIn(SEALED.documentFile, id)),
      kind,
      personId: row.personId,
    };
  }

  /** Removes a document; {@link restore} brings it back for a while. @returns whose it is @throws NotFoundException */
  async remove(context: RequestContext, id: string): Promise<string> {
    const row = await this.row(context, id);
    await this.transactions.run(async (transaction) => row.destroy({ transaction }));
    return row.personId;
  }

  /** @returns whose it is @throws NotFoundException where none of that id was removed, or too long ago */
  async restore(context: RequestContext, id: string): Promise<string> {
    const row = await this.row(context, id, { paranoid: false });
    await this.transactions.run(async (transaction) => row.restore({ transaction }));
    return row.personId;
  }

  private about({ id, sealed }: DocumentRow): About {
    return openJson(this.vault, SEALED.documentAbout, [id], sealed);
  }

  private async row(
    { hallId }: RequestContext,
    id: string,
    more: { transaction?: Transaction; paranoid?: boolean } = {},
  ): Promise<DocumentRow> {
    const ofHall = { model: PersonRow, attributes: [], where: { hallId }, required: true };
    const row = await this.rows.findOne({ where: { id }, include: [ofHall], ...more });
    if (!row) throw new NotFoundException('This document is not there.');
    return row;
  }
}
