import { ForbiddenException, Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dueNext, EYE_CASES } from '@lotus-steady/core';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import { HallRepository } from '../halls/hall.repository.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type { EyeAnswerDraftDto, EyeAnsweredDto, EyeCaseDto, EyeDto } from './eye.dto.js';
import { EyeCaseRow } from './eye.model.js';

/** So many of the answers to a case are kept. */
const ANSWERS_KEPT = 50;

/** Made-up cases for the teacher's eye. */
@Injectable()
export class EyeService {
  constructor(
    @InjectModel(EyeCaseRow) private readonly rows: typeof EyeCaseRow,
    private readonly halls: HallRepository,
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
      marks: Object.fromEntries(marks.map(({ step, verdict }) => [step, verdict])),
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

  private of({ userId }: RequestContext): Promise<EyeCaseRow[]> {
    return this.rows.findAll({ where: { accountId: userId }, order: ['number'] });
  }

  private async today(context: RequestContext): Promise<string> {
    return this.clock.today((await this.halls.of(context)).timeZone);
  }
}

const dayOf = (instant: Date): string => instant.toISOString().slice(0, 10);
