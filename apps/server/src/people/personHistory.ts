import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { changesOf } from '@lotus-steady/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClassRow, RecordRow } from '../classes/class.model.js';
import { openSealed } from '../classes/openRecord.js';
import type { RequestContext } from '../common/context.js';
import { Vault } from '../common/vault.js';
import { MarkRow, type SealedMark } from '../marks/mark.model.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson } from '../store/sealedJson.js';
import { doneSums } from './doneSums.js';
import type { HistoryDto, PersonRecordDto } from './person.dto.js';

/** A class that was removed takes with it what was recorded and noted in it. */
const COUNTED = `
  SELECT COUNT(DISTINCT classId) AS classes, COUNT(DISTINCT IF(came, classId, NULL)) AS came, MIN(day) AS since FROM (
    SELECT r.classId, r.came, c.on AS day
    FROM records r JOIN classes c ON c.id = r.classId
    WHERE r.personId = :personId AND c.hallId = :hallId AND c.removedAt IS NULL
    UNION ALL
    SELECT m.classId, 1, c.on
    FROM marks m JOIN classes c ON c.id = m.classId
    WHERE m.personId = :personId AND c.hallId = :hallId AND c.removedAt IS NULL
  ) AS told`;

/** How classes were for somebody, as it is told beside them. */
@Injectable()
export class PersonHistory {
  constructor(
    @InjectModel(RecordRow) private readonly records: typeof RecordRow,
    @InjectModel(MarkRow) private readonly marks: typeof MarkRow,
    private readonly vault: Vault,
    private readonly sequelize: Sequelize,
  ) {}

  /**
   * The latest first.
   *
   * @param from so many of the latest are left out @param most so many at most
   * @param withDone how much was done in each, and how far, too
   * @throws Unreadable
   */
  async of(
    { hallId }: RequestContext,
    personId: string,
    { from = 0, most = Infinity, withDone = false }: { from?: number; most?: number; withDone?: boolean },
  ): Promise<PersonRecordDto[]> {
    const asked = {
      where: { personId },
      include: [
        { model: ClassRow, where: { hallId }, attributes: ['id', 'title', 'on', 'time'], required: true },
      ],
    };
    const [rows, marks] = await Promise.all([
      this.records.findAll({
        ...asked,
        order: ['on', 'time', 'id'].map((of) => [{ model: ClassRow, as: 'class' }, of, 'DESC']),
        ...(most < Infinity ? { limit: from + most } : {}),
      }),
      this.marks.findAll(asked),
    ]);
    const noted = new Map(
      [...new Set(marks.map(({ classId }) => classId))].map((id) => [
        id,
        marks.filter(({ classId }) => classId === id),
      ]),
    );
    const recorded = await this.recordedOf(personId, [...noted.keys()]);
    const told = rows.map((row) => ({
      on: row.class.on,
      tell: () => this.withNoted(this.recorded(row, withDone), noted.get(row.classId)),
    }));
    for (const [classId, here] of noted)
      if (!recorded.has(classId))
        told.push({ on: here[0]!.class.on, tell: () => this.withNoted(unrecorded(here[0]!.class), here) });
    // Those of one day stay in their order: else one may be told in two parts, and another in none.
    return told
      .sort((a, b) => b.on.localeCompare(a.on))
      .slice(from, from + most)
      .map(({ tell }) => tell());
  }

  /** How many there are, however many are told. */
  async counted({ hallId }: RequestContext, personId: string): Promise<Omit<HistoryDto, 'records'>> {
    const [counted] = await this.sequelize.query<{ classes: number; came: number; since: string | null }>(
      COUNTED,
      {
        replacements: { personId, hallId },
        type: QueryTypes.SELECT,
      },
    );
    const { classes, came, since } = counted!;
    return { classes, came, ...(since ? { since } : {}) };
  }

  /** Which of some classes were recorded with somebody. */
  private async recordedOf(personId: string, classIds: readonly string[]): Promise<ReadonlySet<string>> {
    if (!classIds.length) return new Set();
    const rows = await this.records.findAll({
      attributes: ['classId'],
      where: { personId, classId: [...classIds] },
    });
    return new Set(rows.map(({ classId }) => classId));
  }

  private recorded({ id, classId, came, sealed, class: of }: RecordRow, withDone: boolean): PersonRecordDto {
    const { did, ...open } = openSealed(this.vault, id, sealed);
    const sums = withDone && did?.length ? doneSums(did) : {};
    return { classId, title: of.title, on: of.on, came, ...open, ...sums };
  }

  /** With what was noted in the class and is not in the record, as the record will have it. */
  private withNoted(record: PersonRecordDto, marks: readonly MarkRow[] = []): PersonRecordDto {
    const [first] = marks;
    if (!first) return record;
    const { personId } = first;
    const changes = marks.map((mark) => ({
      personId,
      ...openJson<SealedMark>(this.vault, SEALED.mark, [mark.id], mark.sealed),
    }));
    return { ...record, changes: [...record.changes, ...changesOf({ changes }, personId)] };
  }
}

/** A class that was taught and is not written down yet. */
const unrecorded = ({ id, title, on }: ClassRow): PersonRecordDto => ({
  ...{ classId: id, title, on, came: true, changes: [], word: '' },
  ...{ painBefore: null, painAfter: null, effort: null, pressureAfter: null },
});
