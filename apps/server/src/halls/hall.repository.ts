import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import { VersionConflict } from '../common/versions.js';
import type { VersionDto } from './hall.dto.js';
import { HallRow } from './hall.model.js';

@Injectable()
export class HallRepository {
  constructor(
    @InjectModel(HallRow) private readonly halls: typeof HallRow,
    private readonly transactions: Transactions,
  ) {}

  /** The one hall that this installation serves; null in an empty database. */
  async only(): Promise<HallRow | null> {
    return this.halls.findOne({ order: [['createdAt', 'ASC']] });
  }

  async of({ hallId }: RequestContext): Promise<HallRow> {
    const hall = await this.halls.findByPk(hallId);
    if (!hall) throw new NotFoundException('There is no hall yet.');
    return hall;
  }

  /**
   * Changes the hall on the version that was read.
   *
   * @param counter which of its versions goes up
   * @throws VersionConflict where it is no longer that one
   */
  async change(
    { hallId }: RequestContext,
    changes: Partial<Pick<HallRow, 'houseView' | 'rules' | 'pace' | 'stock'>>,
    read: number,
    counter: 'version' | 'stockVersion' = 'version',
  ): Promise<VersionDto> {
    return this.transactions.run(async (transaction) => {
      const hall = await this.halls.findByPk(hallId, { transaction, lock: transaction.LOCK.UPDATE });
      if (!hall) throw new NotFoundException('There is no hall yet.');
      if (hall[counter] !== read) {
        const { houseView, rules, pace, stock, version, stockVersion } = hall;
        throw new VersionConflict({ houseView, rules, pace, stock, version, stockVersion });
      }
      await hall.update({ ...changes, [counter]: read + 1 }, { transaction });
      return { version: read + 1 };
    });
  }
}
