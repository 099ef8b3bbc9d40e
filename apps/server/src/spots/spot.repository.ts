import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { ClassPersonRow } from '../classes/class.model.js';
import { ClassRepository } from '../classes/class.repository.js';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { Transactions } from '../database/transactions.js';
import type { SpotDto } from './spot.dto.js';
import { SpotRow } from './spot.model.js';

/** Where people are in a class; who is not among them is laid out by itself. */
@Injectable()
export class SpotRepository {
  constructor(
    @InjectModel(SpotRow) private readonly spots: typeof SpotRow,
    private readonly classes: ClassRepository,
    @InjectModel(ClassPersonRow) private readonly people: typeof ClassPersonRow,
    private readonly transactions: Transactions,
  ) {}

  /** @throws NotFoundException */
  async of(context: RequestContext, classId: string): Promise<SpotDto[]> {
    await this.classes.there(context, classId);
    const rows = await this.spots.findAll({ where: { classId }, order: ['personId'] });
    return rows.map(({ personId, xCm, yCm, heading }) => ({ personId, xCm, yCm, heading }));
  }

  /**
   * Keeps where some are; where all others are stays.
   *
   * @throws NotFoundException @throws FieldsException for somebody who is not down for the class
   */
  async keep(context: RequestContext, classId: string, spots: readonly SpotDto[]): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await this.classes.there(context, classId, transaction);
      const down = await this.people.findAll({ where: { classId }, attributes: ['personId'], transaction });
      const known = new Set(down.map(({ personId }) => personId));
      const errors = spots.flatMap(({ personId }, i) =>
        known.has(personId)
          ? []
          : [{ field: `spots[${i}].personId`, message: 'This person is not down for the class.' }],
      );
      if (errors.length) throw new FieldsException(errors);
      await this.spots.bulkCreate(
        spots.map((spot) => ({ classId, ...spot })),
        { updateOnDuplicate: ['xCm', 'yCm', 'heading'], transaction },
      );
    });
  }

  /** Forgets where anybody was laid by hand. @throws NotFoundException */
  async forget(context: RequestContext, classId: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await this.classes.there(context, classId, transaction);
      await this.spots.destroy({ where: { classId }, transaction });
    });
  }
}
