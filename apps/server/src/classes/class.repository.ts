import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { literal, Op, type Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import type { SavedDto } from '../common/problem.dto.js';
import { StaleVersion } from '../common/versions.js';
import type { ClassesQueryDto } from './class.dto.js';
import { ClassRow, FittingRow, RecordRow } from './class.model.js';

export type ClassColumns = Pick<
  ClassRow,
  | 'title'
  | 'on'
  | 'time'
  | 'place'
  | 'sequenceId'
  | 'sequenceText'
  | 'people'
  | 'heads'
  | 'houseView'
  | 'ownView'
  | 'choices'
>;
export type FittingColumns = Pick<
  FittingRow,
  'rulebook' | 'catalogue' | 'format' | 'steps' | 'ownVariants' | 'fitting' | 'madeFrom'
>;

/** So many of the next classes are on somebody's own page. */
const CLASSES_AHEAD = 3;

/** A class in the list. */
export type ClassLine = Pick<ClassRow, 'id' | 'title' | 'on' | 'time' | 'place' | 'heads'> & {
  recorded: 0 | 1;
};
export type RecordColumns = Pick<
  RecordRow,
  'personId' | 'came' | 'painBefore' | 'painAfter' | 'changes' | 'word'
>;

@Injectable()
export class ClassRepository {
  constructor(
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    @InjectModel(FittingRow) private readonly fittings: typeof FittingRow,
    @InjectModel(RecordRow) private readonly records: typeof RecordRow,
    private readonly transactions: Transactions,
  ) {}

  /**
   * A part of the classes of the hall, with no more than the list shows.
   *
   * @param today `YYYY-MM-DD`, where the hall is
   */
  async lines(
    { hallId }: RequestContext,
    { when, from, most }: ClassesQueryDto,
    today: string,
  ): Promise<ClassLine[]> {
    const recorded = literal('EXISTS (SELECT 1 FROM records WHERE records.classId = ClassRow.id)');
    const way = when === 'past' ? 'DESC' : 'ASC';
    const days = { coming: { [Op.gte]: today }, past: { [Op.lt]: today } };
    return (await this.classes.findAll({
      attributes: ['id', 'title', 'on', 'time', 'place', 'heads', [recorded, 'recorded']],
      where: { hallId, ...(when ? { on: days[when] } : {}) },
      order: [
        ['on', way],
        ['time', way],
        ['id', way],
      ],
      offset: from,
      limit: most,
      raw: true,
    })) as unknown as ClassLine[];
  }

  /** The next classes that have a fitting and that somebody is down for. @param today `YYYY-MM-DD` */
  async comingFor({ hallId }: RequestContext, personId: string, today: string): Promise<ClassRow[]> {
    const fitting = { model: FittingRow, attributes: { exclude: ['madeFrom'] }, required: true };
    return this.classes.findAll({
      where: { hallId, on: { [Op.gte]: today }, people: { [Op.like]: `%"id":"${personId}"%` } },
      include: [fitting],
      order: [
        ['on', 'ASC'],
        ['time', 'ASC'],
      ],
      limit: CLASSES_AHEAD,
    });
  }

  /** Without fitting and records. @throws NotFoundException */
  async bare({ hallId }: RequestContext, id: string): Promise<ClassRow> {
    return found(await this.classes.findOne({ where: { hallId, id } }));
  }

  /** Which version it is in. @throws NotFoundException */
  async versionOf({ hallId }: RequestContext, id: string): Promise<number> {
    const query = { attributes: ['version'], where: { hallId, id }, raw: true };
    return found(await this.classes.findOne(query)).version;
  }

  /** With fitting, but for what that was made from, and records. @throws NotFoundException */
  async whole({ hallId }: RequestContext, id: string): Promise<ClassRow> {
    const fitting = { model: FittingRow, attributes: { exclude: ['madeFrom'] } };
    // Joined, each record would bring the fitting once more.
    const records = { model: RecordRow, separate: true };
    return found(await this.classes.findOne({ where: { hallId, id }, include: [fitting, records] }));
  }

  async create(
    { hallId }: RequestContext,
    columns: ClassColumns,
    fitting: FittingColumns,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const { id, version } = await this.classes.create({ hallId, version: 1, ...columns }, { transaction });
      await this.fittings.create({ classId: id, ...fitting }, { transaction });
      return { id, version };
    });
  }

  /**
   * Keeps a class with its fitting, in one piece, on the version that was read.
   *
   * @throws StaleVersion where it is no longer the one that was read
   */
  async update(
    { hallId }: RequestContext,
    id: string,
    columns: ClassColumns,
    fitting: FittingColumns,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(hallId, id, transaction);
      if (row.version !== read) throw new StaleVersion();
      await row.update({ ...columns, version: read + 1 }, { transaction });
      await this.fittings.destroy({ where: { classId: id }, transaction });
      await this.fittings.create({ classId: id, ...fitting }, { transaction });
      return { id, version: read + 1 };
    });
  }

  /** @throws StaleVersion as {@link update} does */
  async saveSequence(
    { hallId }: RequestContext,
    id: string,
    sequenceId: string,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(hallId, id, transaction);
      if (row.version !== read) throw new StaleVersion();
      await row.update({ sequenceId, version: read + 1 }, { transaction });
      return { id, version: read + 1 };
    });
  }

  /** Removes a class; {@link restore} brings it back for a while. */
  async remove(context: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await (await this.locked(context.hallId, id, transaction)).destroy({ transaction });
    });
  }

  /** @throws NotFoundException where no class of that id was removed, or too long ago */
  async restore({ hallId }: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const row = await this.classes.findOne({ where: { hallId, id }, paranoid: false, transaction });
      await found(row).restore({ transaction });
    });
  }

  /** Keeps how a class was; what was kept before is replaced. @throws StaleVersion as {@link update} does */
  async saveRecords(
    { hallId }: RequestContext,
    id: string,
    records: readonly RecordColumns[],
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(hallId, id, transaction);
      if (row.version !== read) throw new StaleVersion();
      await row.update({ version: read + 1 }, { transaction });
      await this.records.destroy({ where: { classId: id }, transaction });
      await this.records.bulkCreate(
        records.map((record) => ({ classId: id, ...record })),
        { transaction },
      );
      return { id, version: read + 1 };
    });
  }

  private async locked(hallId: string, id: string, transaction: Transaction): Promise<ClassRow> {
    return found(
      await this.classes.findOne({ where: { hallId, id }, transaction, lock: transaction.LOCK.UPDATE }),
    );
  }
}

function found(row: ClassRow | null): ClassRow {
  if (!row) throw new NotFoundException('This class is not in the list.');
  return row;
}
