import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { NO_HALL_RULES } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import { VersionConflict } from '../common/versions.js';
import type { VersionDto } from './hall.dto.js';
import { HallRow } from './hall.model.js';

/** What a hall begins with. */
export const EMPTY_HALL = {
  stock: {},
  houseView: RULEBOOK.usualHouseView,
  rules: NO_HALL_RULES,
  pace: {},
  isDemo: false,
  version: 1,
  stockVersion: 1,
} as const;

@Injectable()
export class HallRepository {
  constructor(
    @InjectModel(HallRow) private readonly halls: typeof HallRow,
    private readonly transactions: Transactions,
  ) {}

  /** Makes an empty hall. @returns its id */
  async create(named: Pick<HallRow, 'name' | 'teacher' | 'timeZone'>): Promise<string> {
    const { id } = await this.halls.create({ ...EMPTY_HALL, ...named });
    return id;
  }

  async rename(id: string, named: Pick<HallRow, 'name' | 'teacher' | 'timeZone'>): Promise<void> {
    await (await this.of({ hallId: id })).update(named);
  }

  async of({ hallId }: Pick<RequestContext, 'hallId'>): Promise<HallRow> {
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
