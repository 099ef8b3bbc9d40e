import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import { Unreadable, Vault } from '../common/vault.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { Transactions } from '../database/transactions.js';
import { DiaryRow } from './diary.model.js';
import type { DiaryDraftDto, DiaryEntryDto } from './mine.dto.js';

/** So many entries are read back. */
const READ = 60;

/** What people write of themselves; readable only with the key. */
@Injectable()
export class Diary {
  constructor(
    @InjectModel(DiaryRow) private readonly rows: typeof DiaryRow,
    private readonly vault: Vault,
    private readonly transactions: Transactions,
  ) {}

  /** @param on `YYYY-MM-DD` */
  async write(
    personId: string,
    on: string,
    { pain, words, done, felt, after }: DiaryDraftDto,
  ): Promise<void> {
    const id = randomUUID();
    const text = words?.trim();
    const sealed = sealJson(this.vault, SEALED.diary, [id], {
      ...(pain === undefined ? {} : { pain }),
      ...(text ? { words: text } : {}),
      ...(done ? { done } : {}),
      ...(felt ? { felt } : {}),
      ...(after ? { after } : {}),
    });
    // What is sent again because no answer came is written once.
    await this.transactions.run(async (transaction) => {
      await this.rows.create({ id, personId, on, sealed }, { transaction });
    });
  }

  /** Takes an entry of hers away. @returns whether it was there */
  async remove(personId: string, id: string): Promise<boolean> {
    return (await this.rows.destroy({ where: { personId, id } })) > 0;
  }

  /** The latest first. What cannot be read is said, and nothing of it is lost. */
  async of(personId: string): Promise<DiaryEntryDto[]> {
    const rows = await this.rows.findAll({
      where: { personId },
      order: [
        ['on', 'DESC'],
        ['createdAt', 'DESC'],
      ],
      limit: READ,
    });
    return rows.map(({ id, on, sealed }) => ({ id, on, ...this.opened(id, sealed) }));
  }

  /** Days on which practice at home hurt more, the latest first, by whose they are; what cannot be read says none. */
  async worseAtHome(
    personIds: readonly string[],
    since: string,
  ): Promise<ReadonlyMap<string, readonly string[]>> {
    const days = new Map<string, string[]>(personIds.map((id) => [id, []]));
    const rows = await this.rows.findAll({
      where: { personId: [...personIds], on: { [Op.gte]: since } },
      order: [['on', 'DESC']],
    });
    for (const { id, personId, on, sealed } of rows)
      if (this.opened(id, sealed).after === 'more') days.get(personId)!.push(on);
    return days;
  }

  private opened(id: string, sealed: string): Partial<DiaryEntryDto> {
    try {
      return openJson(this.vault, SEALED.diary, [id], sealed);
    } catch (error) {
      if (error instanceof Unreadable) return { unreadable: true };
      throw error;
    }
  }
}
