import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RequestContext } from '../common/context.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import type { OwnWordsDto } from './ownWords.dto.js';
import { OwnWordsRow } from './ownWords.model.js';

const told = ({ pose, words, version }: OwnWordsRow): OwnWordsDto => ({ pose, words, version });

@Injectable()
export class OwnWordsRepository {
  constructor(
    @InjectModel(OwnWordsRow) private readonly rows: typeof OwnWordsRow,
    private readonly transactions: Transactions,
  ) {}

  async all({ hallId }: RequestContext): Promise<OwnWordsDto[]> {
    return (await this.rows.findAll({ where: { hallId }, order: ['pose'] })).map(told);
  }

  /** @param read the version that was read; 0 where there were none @throws VersionConflict */
  async save({ hallId }: RequestContext, pose: string, words: string, read: number): Promise<OwnWordsDto> {
    return this.transactions.run(async (transaction) => {
      const where = { hallId, pose };
      const row = await this.rows.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
      if ((row?.version ?? 0) !== read)
        throw new VersionConflict(row ? told(row) : { pose, words: '', version: 0 });
      if (row) await row.update({ words, version: read + 1 }, { transaction });
      else await this.rows.create({ ...where, words, version: 1 }, { transaction });
      return { pose, words, version: read + 1 };
    });
  }
}
