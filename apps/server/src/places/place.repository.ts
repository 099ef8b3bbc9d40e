import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import type { PlaceDto } from './place.dto.js';
import { PlaceRow } from './place.model.js';

export type PlaceColumns = Pick<PlaceRow, 'name' | 'most' | 'stock' | 'room'>;

const told = ({ id, name, most, stock, room, version }: PlaceRow): PlaceDto => ({
  ...{ id, name, most, stock, version },
  ...(room ? { room } : {}),
});

const sameName = (error: unknown): never => {
  if (error instanceof UniqueConstraintError)
    throw new FieldsException([{ field: 'name', message: 'There is already a place of that name.' }]);
  throw error;
};

@Injectable()
export class PlaceRepository {
  constructor(
    @InjectModel(PlaceRow) private readonly places: typeof PlaceRow,
    private readonly transactions: Transactions,
  ) {}

  async all({ hallId }: RequestContext): Promise<PlaceDto[]> {
    return (await this.places.findAll({ where: { hallId }, order: [['name', 'ASC']] })).map(told);
  }

  /** The place that a class is at, as it is called there; none where nobody has said what is in it. */
  async named({ hallId }: RequestContext, name: string): Promise<PlaceRow | null> {
    return this.places.findOne({ where: { hallId, name } });
  }

  /** @throws FieldsException for a name that is taken */
  async create({ hallId }: RequestContext, columns: PlaceColumns): Promise<SavedDto> {
    return this.transactions
      .run(async (transaction) => {
        const { id, version } = await this.places.create({ hallId, ...columns, version: 1 }, { transaction });
        return { id, version };
      })
      .catch(sameName);
  }

  /** @throws NotFoundException @throws VersionConflict where it is no longer the version that was read */
  async update(context: RequestContext, id: string, columns: PlaceColumns, read: number): Promise<SavedDto> {
    return this.transactions
      .run(async (transaction) => {
        const row = await this.row(context, id, transaction);
        if (row.version !== read) throw new VersionConflict(told(row));
        await row.update({ ...columns, version: read + 1 }, { transaction });
        return { id, version: read + 1 };
      })
      .catch(sameName);
  }

  /** Forgets what is in a place; classes there are fitted within what the hall has. @throws NotFoundException */
  async remove(context: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await (await this.row(context, id, transaction)).destroy({ transaction });
    });
  }

  private async row({ hallId }: RequestContext, id: string, transaction: Transaction): Promise<PlaceRow> {
    const row = await this.places.findOne({
      where: { hallId, id },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (!row) throw new NotFoundException('This place is not in the list.');
    return row;
  }
}
