import { Injectable } from '@nestjs/common';
import { dateAfter, reportOf, type ClassSums, type RecordedClass } from '@lotus-steady/core';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { recentTexts, versionKey } from '../common/recentTexts.js';
import { HallRepository } from '../halls/hall.repository.js';
import { PersonRepository } from '../people/person.repository.js';
import { WorkPool } from '../threads/workPool.js';
import type { ReportDto, ReportQueryDto } from './report.dto.js';
import { ReportRepository, type RecordedRow } from './report.repository.js';

/** A report is of no more than so many days: five years. */
const DAYS_MOST = 1827;
/** So many classes are opened at a time, and in so many threads: others are answered in between. */
const OPENED_TOGETHER = 20;
const THREADS = 2;
/** What is remembered of classes, characters. */
const REMEMBERED_MOST = 32_000_000;

/** What a report needs of a class. */
type Whole = Pick<RecordedClass, 'records' | 'sums'>;

/** What was done in a period, for whom. */
@Injectable()
export class ReportService {
  /** Classes that were opened lately: that takes longer than all the rest. */
  private readonly remembered = recentTexts(REMEMBERED_MOST);

  constructor(
    private readonly reports: ReportRepository,
    private readonly people: PersonRepository,
    private readonly halls: HallRepository,
    private readonly clock: Clock,
    private readonly work: WorkPool,
  ) {}

  /**
   * @param gone ends the work: whoever asked is no longer there
   * @throws FieldsException for a period that is none, or longer than a report may be
   */
  async one(context: RequestContext, asked: ReportQueryDto, gone: AbortSignal): Promise<ReportDto> {
    checkPeriod(asked);
    const { timeZone } = await this.halls.of(context);
    const today = this.clock.today(timeZone);
    const query = asked.last > today ? { ...asked, last: today } : asked;
    const [rows, unrecorded, everybody, last] = await Promise.all([
      this.reports.recorded(context, query),
      this.reports.unrecorded(context, query),
      this.people.everybody(context),
      this.reports.lastBefore(context, query.first),
    ]);
    const wholes = await this.wholesOf(context, rows, gone);
    const classes = rows.flatMap(({ version: _version, ...row }): RecordedClass[] => {
      const whole = wholes.get(row.id);
      return whole ? [{ ...row, ...whole }] : [];
    });
    const report = reportOf({ classes, people: everybody.map(({ id }) => id), last });
    const names = Object.fromEntries(everybody.map(({ id, name }) => [id, name]));
    return { report, names, unrecorded, unreadable: rows.length - classes.length };
  }

  /** Classes by their ids; what was opened lately is not opened again. */
  private async wholesOf(
    context: RequestContext,
    rows: readonly RecordedRow[],
    gone: AbortSignal,
  ): Promise<Map<string, Whole>> {
    const wholes = new Map<string, Whole>();
    const unknown: RecordedRow[] = [];
    for (const row of rows) {
      const text = this.remembered.get(versionKey(row));
      if (text) wholes.set(row.id, JSON.parse(text) as Whole);
      else unknown.push(row);
    }
    for (let from = 0; from < unknown.length; from += OPENED_TOGETHER) {
      const some = unknown.slice(from, from + OPENED_TOGETHER);
      for (const [id, whole] of await this.opened(context, some, gone)) {
        wholes.set(id, whole);
        this.remembered.set(versionKey(some.find((row) => row.id === id)!), JSON.stringify(whole));
      }
    }
    return wholes;
  }

  private async opened(
    context: RequestContext,
    rows: readonly RecordedRow[],
    gone: AbortSignal,
  ): Promise<[id: string, Whole][]> {
    const ids = rows.map(({ id }) => id);
    const open = [...(await this.reports.opened(context, ids))];
    const fittings = open.flatMap(([id, { fitting }]) => (fitting ? [{ id, fitting }] : []));
    const sums = new Map<string, ClassSums>();
    const share = Math.ceil(fittings.length / THREADS);
    await Promise.all(
      Array.from({ length: THREADS }, async (_, i) => {
        const own = fittings.slice(i * share, (i + 1) * share);
        const kept = own.map(({ fitting }) => fitting);
        const all = kept.length ? await this.work.run('sumsOfClasses', kept, gone) : [];
        own.forEach(({ id }, at) => sums.set(id, all[at]!));
      }),
    );
    return open.map(([id, { records }]) => {
      const own = sums.get(id);
      return [id, { records, ...(own ? { sums: own } : {}) }];
    });
  }
}

function checkPeriod({ first, last }: ReportQueryDto): void {
  const wrong = (message: string) => new FieldsException([{ field: 'last', message }]);
  if (last < first) throw wrong('The last day is before the first.');
  if (last > dateAfter(first, DAYS_MOST)) throw wrong('A report is of five years at most.');
}
