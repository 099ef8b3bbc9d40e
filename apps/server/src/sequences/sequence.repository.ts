import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import type { SequenceDto } from './sequence.dto.js';
import { SequenceRow } from './sequence.model.js';

@Injectable()
export class SequenceRepository {
  constructor(
    @InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow,
    private readonly transactions: Transactions,
  ) {}

  async all({ hallId }: RequestContext): Promise<SequenceRow[]> {
    return this.sequences.findAll({ where: { hallId }, order: [['title', 'ASC']] });
  }

  async create({ hallId }: RequestContext, title: string, source: string): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const { id, version } = await this.sequences.create(
        { hallId, title, source, version: 1 },
        { transaction },
      );
      return { id, version };
    });
  }

  /** @throws NotFoundException @throws VersionConflict where it is no longer the version that was read */
  async update(
    { hallId }: RequestContext,
    id: string,
    { title, source }: { title: string; source: string },
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.sequences.findOne({
        where: { hallId, id },
        transaction,
        lock: transaction.LOCK.UPDATE,
      });
      if (!row) throw new NotFoundException('This sequence is not in the list.');
      if (row.version !== read) throw new VersionConflict(lineOf(row));
      await row.update({ title, source, version: read + 1 }, { transaction });
      return { id, version: read + 1 };
    });
  }
}

/** A sequence as it is told. */
export const lineOf = ({ id, title, source, version }: SequenceRow): SequenceDto => ({
  id,
  title,
  source,
  version,
});
