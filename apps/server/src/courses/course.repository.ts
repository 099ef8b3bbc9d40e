import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { VersionConflict } from '../common/versions.js';
import { Transactions } from '../database/transactions.js';
import { ClassRow } from '../classes/class.model.js';
import { SequenceRow } from '../sequences/sequence.model.js';
import type { CourseDto } from './course.dto.js';
import { CourseRow } from './course.model.js';

export type CourseColumns = Pick<CourseRow, 'title' | 'startsOn' | 'time' | 'place' | 'people'>;

@Injectable()
export class CourseRepository {
  constructor(
    @InjectModel(CourseRow) private readonly courses: typeof CourseRow,
    @InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow,
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    private readonly transactions: Transactions,
  ) {}

  async all(context: RequestContext): Promise<CourseDto[]> {
    const { hallId } = context;
    const rows = await this.courses.findAll({ where: { hallId }, order: [['startsOn', 'DESC']] });
    return this.told(context, rows);
  }

  /** @throws NotFoundException */
  async one(context: RequestContext, id: string): Promise<CourseDto> {
    return (await this.told(context, [await this.row(context, id)]))[0]!;
  }

  /** Keeps a course and a sequence for each of its weeks, all or nothing. */
  async create(
    { hallId }: RequestContext,
    columns: CourseColumns,
    weeks: readonly { title: string; source: string }[],
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const { id, version } = await this.courses.create({ hallId, ...columns, version: 1 }, { transaction });
      await this.sequences.bulkCreate(
        weeks.map(({ title, source }, i) => ({
          hallId,
          title,
          source,
          tags: [],
          courseId: id,
          week: i + 1,
          version: 1,
        })),
        { transaction },
      );
      return { id, version };
    });
  }

  /** @throws NotFoundException @throws VersionConflict where it is no longer the version that was read */
  async update(
    context: RequestContext,
    id: string,
    change: Partial<CourseColumns>,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.row(context, id, transaction);
      if (row.version !== read) throw new VersionConflict((await this.told(context, [row]))[0]!);
      await row.update({ ...change, version: read + 1 }, { transaction });
      return { id, version: read + 1 };
    });
  }

  /** Takes a course apart: its sequences stay in the library, its classes in the diary. @throws NotFoundException */
  async remove(context: RequestContext, id: string): Promise<void> {
    const { hallId } = context;
    await this.transactions.run(async (transaction) => {
      const row = await this.row(context, id, transaction);
      const weeks = await this.sequences.findAll({ where: { hallId, courseId: id }, transaction });
      for (const week of weeks) await week.update({ courseId: null, week: null }, { transaction });
      await row.destroy({ transaction });
    });
  }

  private async row({ hallId }: RequestContext, id: string, transaction?: Transaction): Promise<CourseRow> {
    const row = await this.courses.findOne({
      where: { hallId, id },
      ...(transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {}),
    });
    if (!row) throw new NotFoundException('This course is not in the list.');
    return row;
  }

  /** Courses as they are told: with their weeks, and the days on which each was taught or is going to be. */
  private async told({ hallId }: RequestContext, rows: readonly CourseRow[]): Promise<CourseDto[]> {
    const sequences = await this.sequences.findAll({
      where: { hallId, courseId: rows.map(({ id }) => id) },
      order: [['week', 'ASC']],
    });
    const classes = await this.classes.findAll({
      attributes: ['sequenceId', 'on'],
      where: { hallId, sequenceId: sequences.map(({ id }) => id) },
      order: [['on', 'ASC']],
    });
    return rows.map(({ id, title, startsOn, time, place, people, version }) => ({
      id,
      title,
      startsOn,
      time,
      place,
      people,
      version,
      weeks: sequences
        .filter(({ courseId }) => courseId === id)
        .map((sequence) => ({
          week: sequence.week!,
          sequenceId: sequence.id,
          source: sequence.source,
          classes: classes.filter(({ sequenceId }) => sequenceId === sequence.id).map(({ on }) => on),
        })),
    }));
  }
}
