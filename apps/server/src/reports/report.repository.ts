import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RecordInClass } from '@lotus-steady/core';
import { literal, Op, QueryTypes } from 'sequelize';
import { ClassRow, FittingRow, RecordRow, type ClassPerson } from '../classes/class.model.js';
import { openSealed } from '../classes/openRecord.js';
import type { KeptFitting } from '../classes/unpackedFitting.js';
import type { RequestContext } from '../common/context.js';
import { Unreadable, Vault } from '../common/vault.js';
import { placeIn, SEALED } from '../store/sealedColumns.js';
import { openJson } from '../store/sealedJson.js';
import type { ReportQueryDto } from './report.dto.js';

/** A class that was recorded. */
export type RecordedRow = Pick<ClassRow, 'id' | 'title' | 'on' | 'groupId' | 'version'> & { plan: string };

/** How a class was and what was planned for it, open to read. */
export interface OpenClass {
  records: RecordInClass[];
  /** Left out where it does not open. */
  fitting?: KeptFitting;
}

const RECORDED = 'EXISTS (SELECT 1 FROM records WHERE records.classId = ClassRow.id)';

/** What reports are made of: a handful of queries, however many people and classes there are. */
@Injectable()
export class ReportRepository {
  constructor(
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    private readonly vault: Vault,
  ) {}

  /** Those of the period that were recorded. */
  async recorded(context: RequestContext, query: ReportQueryDto): Promise<RecordedRow[]> {
    const rows = await this.classes.findAll({
      attributes: ['id', 'title', 'on', 'groupId', 'sequenceText', 'version'],
      where: { [Op.and]: [whereOf(context, query), literal(RECORDED)] },
    });
    return rows.map(({ id, title, on, groupId, sequenceText: plan, version }) => ({
      ...{ id, title, on, groupId, plan, version },
    }));
  }

  /** How many of the period somebody was down for and nobody recorded. */
  async unrecorded(context: RequestContext, query: ReportQueryDto): Promise<number> {
    return this.classes.count({
      where: { [Op.and]: [whereOf(context, query), { heads: { [Op.gt]: 0 } }, literal(`NOT ${RECORDED}`)] },
    });
  }

  /** Some classes, by their ids; none of which a record does not open. */
  async opened({ hallId }: RequestContext, ids: readonly string[]): Promise<Map<string, OpenClass>> {
    const rows = await this.classes.findAll({
      attributes: ['id', 'people'],
      where: { hallId, id: { [Op.in]: [...ids] } },
      include: [
        { model: RecordRow, separate: true },
        { model: FittingRow, attributes: ['id', 'format', 'fitting'] },
      ],
    });
    return new Map(
      rows.flatMap((row) => {
        const records = orUndefined(() => row.records.map((record) => this.openRecord(record)));
        const fitting = row.fitting && orUndefined(() => this.openFitting(row, row.fitting!));
        return records ? [[row.id, { records, ...(fitting ? { fitting } : {}) }] as const] : [];
      }),
    );
  }

  /** When each came last before a day, by ids of people. @param day `YYYY-MM-DD` */
  async lastBefore({ hallId }: RequestContext, day: string): Promise<Record<string, string>> {
    const rows = await this.classes.sequelize!.query<{ personId: string; last: string }>(
      `SELECT r.personId, MAX(c.on) AS last FROM records r JOIN classes c ON c.id = r.classId
       WHERE r.came AND c.hallId = :hallId AND c.on < :day AND c.removedAt IS NULL GROUP BY r.personId`,
      { replacements: { hallId, day }, type: QueryTypes.SELECT },
    );
    return Object.fromEntries(rows.map(({ personId, last }) => [personId, last]));
  }

  private openRecord({ id, personId, came, sealed }: RecordRow): RecordInClass {
    const { painBefore, painAfter, effort, changes } = openSealed(this.vault, id, sealed);
    return { personId, came, painBefore, painAfter, effort, changes };
  }

  private openFitting({ id: classId, people }: ClassRow, { id, format, fitting }: FittingRow): KeptFitting {
    return {
      bytes: this.vault.openBytes(fitting, placeIn(SEALED.fitting, id)),
      format,
      people: openJson<ClassPerson[]>(this.vault, SEALED.classPeople, [classId], people),
    };
  }
}

const whereOf = ({ hallId }: RequestContext, { first, last, group }: ReportQueryDto) => ({
  hallId,
  on: { [Op.between]: [first, last] },
  ...(group ? { groupId: group } : {}),
});

/** What can be opened; nothing where its key is not here or it was changed. */
function orUndefined<T>(open: () => T): T | undefined {
  try {
    return open();
  } catch (error) {
    if (error instanceof Unreadable) return undefined;
    throw error;
  }
}
