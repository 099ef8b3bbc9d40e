import { randomInt } from 'node:crypto';
import { ForbiddenException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dateAfter, dueNext, EYE_CASES, type Verdict } from '@lotus-steady/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClassRepository } from '../classes/class.repository.js';
import { keptOf } from '../classes/keptClass.js';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { PersonRepository } from '../people/person.repository.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type {
  EyeAnswerDraftDto,
  EyeAnsweredDto,
  EyeCaseDto,
  EyeDto,
  EyeMarkDto,
  OwnEyeAnswerDraftDto,
  OwnEyeAnsweredDto,
} from './eye.dto.js';
import { EyeCaseRow } from './eye.model.js';

/** So many of the answers to a case are kept. */
const ANSWERS_KEPT = 50;
/** Own classes are looked for so far back, and in so many of them. */
const BACK_DAYS = 365;
const TRIES = 5;

/** Made-up cases for the teacher's eye. */
@Injectable()
export class EyeService {
  constructor(
    @InjectModel(EyeCaseRow) private readonly rows: typeof EyeCaseRow,
    private readonly sequelize: Sequelize,
    private readonly halls: HallRepository,
    private readonly classes: ClassRepository,
    private readonly people: PersonRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly transactions: Transactions,
    private readonly clock: Clock,
    private readonly work: WorkPool,
  ) {}

  /** How whoever asks has seen so far. */
  async state(context: RequestContext): Promise<EyeDto> {
    const [rows, today] = await Promise.all([this.of(context), this.today(context)]);
    const seen = new Set(rows.map(({ number }) => number));
    return {
      left: Array.from({ length: EYE_CASES }, (_, i) => i).filter((i) => !seen.has(i)).length,
      due: rows.filter(({ due }) => dayOf(due) <= today).length,
      answers: rows.flatMap(({ answers }) => answers),
    };
  }

  /** The case to look at now: what is due the longest, or the first that was not looked at yet. */
  async next(context: RequestContext): Promise<EyeCaseDto> {
    const [rows, today, hall] = await Promise.all([
      this.of(context),
      this.today(context),
      this.halls.of(context),
    ]);
    const [due] = rows
      .filter((row) => dayOf(row.due) <= today)
      .sort((a, b) => a.due.getTime() - b.due.getTime());
    const seen = new Set(rows.map(({ number }) => number));
    let number = 0;
    while (seen.has(number)) number++;
    const { houseView, rules } = hall;
    return this.work.run('showEyeCase', plain({ number: due?.number ?? number, hall: { houseView, rules } }));
  }

  /**
   * Keeps what a teacher would do with a case, and says what its fitting does.
   *
   * @throws ForbiddenException for a machine: what is kept is somebody's own
   */
  async answer(context: RequestContext, { number, marks }: EyeAnswerDraftDto): Promise<EyeAnsweredDto> {
    if (!context.sessionId) throw new ForbiddenException('Cases are kept for whoever has signed in.');
    const [{ houseView, rules }, today] = await Promise.all([this.halls.of(context), this.today(context)]);
    const task = {
      number,
      marks: byStep(marks),
      hall: { houseView, rules },
    };
    const { condition, steps, others } = await this.work.run('answerEyeCase', plain(task));
    const seen = steps.map((step) => ({ seen: step.seen }));
    const now = `${today}T12:00:00.000Z`;
    const { due } = await this.transactions.run(async (transaction) => {
      const where = { accountId: context.userId, number };
      const row = await this.rows.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
      const card = dueNext(row?.card, seen, now);
      const answers = [...(row?.answers ?? []), { number, condition, on: today, steps: seen }];
      const kept = { due: new Date(card.due), card, answers: answers.slice(-ANSWERS_KEPT) };
      if (row) await row.update(kept, { transaction });
      else await this.rows.create({ ...where, ...kept }, { transaction });
      return { due: kept.due };
    });
    return { steps, others, again: dayOf(due) };
  }

  /**
   * Somebody of a class of the last year, without a name. Nothing of it is kept.
   *
   * @throws NotFoundException where there is nobody for whom something was changed and something was not
   */
  async own(context: RequestContext): Promise<EyeCaseDto> {
    const on = await this.today(context);
    const own = await this.ownVariants.all(context);
    for (const id of await this.someClasses(context, on)) {
      const row = await this.classes.whole(context, id);
      if (!row.fitting) continue;
      const came = row.records.filter((record) => record.came).map(({ personId }) => personId);
      const lines = await this.people.withIds(context, came);
      const made = await this.work.run('ownEyeCase', {
        ...plain({
          ...{ own, came, on },
          born: Object.fromEntries(lines.flatMap(({ id: one, born }) => (born ? [[one, born]] : []))),
          heights: Object.fromEntries(lines.map(({ id: one, heightCm }) => [one, heightCm])),
          seed: randomInt(2 ** 31),
        }),
        kept: keptOf(row),
      });
      if (!made) continue;
      const { personId, ...shown } = made;
      return { ...shown, own: { classId: id, seat: row.people.findIndex((one) => one.id === personId) } };
    }
    throw new NotFoundException('In no class of the last year something was changed for one who came.');
  }

  /** What the fitting of a class gave somebody, beside what a teacher would do now. @throws NotFoundException */
  async answerOwn(
    context: RequestContext,
    { classId, seat, marks }: OwnEyeAnswerDraftDto,
  ): Promise<OwnEyeAnsweredDto> {
    const row = await this.classes.whole(context, classId);
    const person = row.people[seat];
    if (!row.fitting || !person) throw new NotFoundException('There is no such place in this class.');
    const record = row.records.find(({ personId }) => personId === person.id);
    return this.work.run('answerOwnEyeCase', {
      ...plain({ personId: person.id, marks: byStep(marks), record }),
      kept: keptOf(row),
    });
  }

  /** Some classes of the last year that somebody came to, by chance: ids. */
  private async someClasses({ hallId }: RequestContext, on: string): Promise<string[]> {
    const rows = await this.sequelize.query<{ id: string }>(
      `SELECT c.id FROM classes c WHERE c.hallId = :hallId AND c.removedAt IS NULL AND c.on >= :from
       AND EXISTS (SELECT 1 FROM records r WHERE r.classId = c.id AND r.came) ORDER BY RAND() LIMIT :most`,
      {
        type: QueryTypes.SELECT,
        replacements: { hallId, from: dateAfter(on, -BACK_DAYS), most: TRIES },
      },
    );
    return rows.map(({ id }) => id);
  }

  private of({ userId }: RequestContext): Promise<EyeCaseRow[]> {
    return this.rows.findAll({ where: { accountId: userId }, order: ['number'] });
  }

  private async today(context: RequestContext): Promise<string> {
    return this.clock.today((await this.halls.of(context)).timeZone);
  }
}

const byStep = (marks: readonly EyeMarkDto[]): Record<number, Verdict> =>
  Object.fromEntries(marks.map(({ step, verdict }) => [step, verdict]));

const dayOf = (instant: Date): string => instant.toISOString().slice(0, 10);
