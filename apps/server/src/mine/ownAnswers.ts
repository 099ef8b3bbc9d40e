import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Unreadable, Vault } from '../common/vault.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { Transactions } from '../database/transactions.js';
import type { OwnAnswersDto, SentAnswersDto } from './mine.dto.js';
import { OwnAnswersRow } from './ownAnswers.model.js';

/** Forms that people have filled in themselves; readable only with the key, and counting for nothing until accepted. */
@Injectable()
export class OwnAnswers {
  constructor(
    @InjectModel(OwnAnswersRow) private readonly rows: typeof OwnAnswersRow,
    private readonly vault: Vault,
    private readonly transactions: Transactions,
  ) {}

  /** Keeps a form in place of the one before. */
  async send(personId: string, answers: OwnAnswersDto): Promise<void> {
    const id = randomUUID();
    const sealed = sealJson(this.vault, SEALED.ownAnswers, [id], answers);
    await this.transactions.run(async (transaction) => {
      await this.rows.destroy({ where: { personId }, transaction });
      await this.rows.create({ id, personId, sealed, sentAt: new Date() }, { transaction });
    });
  }

  /** @returns undefined where nothing waits; what cannot be read is said */
  async of(personId: string): Promise<SentAnswersDto | undefined> {
    const row = await this.rows.findOne({ where: { personId } });
    if (!row) return undefined;
    const sentAt = row.sentAt.toISOString();
    try {
      const answers = openJson<OwnAnswersDto>(this.vault, SEALED.ownAnswers, [row.id], row.sealed);
      return { sentAt, answers };
    } catch (error) {
      if (error instanceof Unreadable) return { sentAt, unreadable: true };
      throw error;
    }
  }

  /** It was looked at, and taken over or not. @returns whether it was there */
  async done(personId: string): Promise<boolean> {
    return (await this.rows.destroy({ where: { personId } })) > 0;
  }
}
