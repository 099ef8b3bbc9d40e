import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { dateAfter, homeMinutes, type HomeStep, type HouseProp } from '@lotus-steady/core';
import { Op } from 'sequelize';
import { ClassFitter } from '../classes/classFitter.js';
import { ClassRepository } from '../classes/class.repository.js';
import { draftOf } from '../classes/keptClass.js';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { Vault } from '../common/vault.js';
import { Transactions } from '../database/transactions.js';
import { HallRepository } from '../halls/hall.repository.js';
import { HallService } from '../halls/hall.service.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { PersonRepository } from '../people/person.repository.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type { HomeDraftDto, HomePracticeDraftDto, HomePracticeDto } from './home.dto.js';
import { HomeRow, type SealedHome } from './home.model.js';

/** What people practise at home. */
@Injectable()
export class HomeService {
  constructor(
    @InjectModel(HomeRow) private readonly rows: typeof HomeRow,
    private readonly classes: ClassRepository,
    private readonly fitter: ClassFitter,
    private readonly people: PersonRepository,
    private readonly hall: HallService,
    private readonly halls: HallRepository,
    private readonly ownVariants: OwnVariantService,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    private readonly work: WorkPool,
  ) {}

  /**
   * What of a class somebody may practise alone, as she is known today.
   *
   * @throws NotFoundException for a class or somebody that is not there
   */
  async draft(
    context: RequestContext,
    classId: string,
    personId: string,
    has: readonly HouseProp[],
  ): Promise<HomeDraftDto & { title: string }> {
    const row = await this.classes.bare(context, classId);
    const today = await this.hall.today(context);
    const draft = draftOf(row);
    const task = await this.fitter.taskFor(context, {
      ...draft,
      on: today,
      people: [{ id: personId }],
      choices: {
        ...draft.choices,
        overrides: (draft.choices?.overrides ?? []).filter((one) => one.personId === personId),
      },
    });
    // What the hall has is not what a house has.
    const alone = { ...task, hall: { ...task.hall, stock: {} }, has: [...has] };
    const done = await this.work.run('homeDraft', plain(alone));
    if ('errors' in done) throw new FieldsException(done.errors);
    return { ...done, title: row.title };
  }

  /**
   * Keeps what somebody practises at home; what she had before ends.
   *
   * @throws FieldsException for a step that is not for home
   */
  async keep(
    context: RequestContext,
    personId: string,
    { classId, has, steps: asked, words, whom, until }: HomePracticeDraftDto,
  ): Promise<HomePracticeDto> {
    const { draft, title, until: last } = await this.draft(context, classId, personId, has);
    const today = await this.hall.today(context);
    const known = new Map(draft.steps.map((step) => [step.step, step]));
    const errors = asked.flatMap(({ step }, i) =>
      known.has(step) ? [] : [{ field: `steps[${i}].step`, message: `Step ${step} is not for home.` }],
    );
    if (until < today) errors.push({ field: 'until', message: 'The last day is today or later.' });
    if (until > last)
      errors.push({ field: 'until', message: `No longer than ${last}: then it is to be looked at again.` });
    if (errors.length) throw new FieldsException(errors);
    const steps = [...asked]
      .sort((a, b) => a.step - b.step)
      .map(({ step, note, timesADay }) => ({
        ...known.get(step)!,
        ...(note?.trim() ? { note: note.trim() } : {}),
        ...(timesADay ? { often: [timesADay, timesADay] as const } : {}),
      }));
    const { withWhom } = draft;
    const sealed: SealedHome = {
      ...{ title, steps, words, whom, has },
      ...(withWhom ? { withWhom } : {}),
    };
    const row = this.rows.build({ personId, classId, on: today, until });
    row.sealed = sealJson(this.vault, SEALED.home, [row.id], sealed);
    await this.transactions.run(async (transaction) => {
      await this.endNow(personId, today, transaction);
      await row.save({ transaction });
    });
    return this.opened(row);
  }

  /** The latest first; of what is practised now what may still be done. @throws NotFoundException @throws Unreadable */
  async of(context: RequestContext, personId: string): Promise<HomePracticeDto[]> {
    await this.people.there(context, personId);
    const today = await this.hall.today(context);
    const order: [string, string][] = [['createdAt', 'DESC']];
    const rows = await this.rows.findAll({ where: { personId }, order });
    return Promise.all(
      rows.map((row) => (row.until >= today ? this.asKnownNow(context, row) : this.opened(row))),
    );
  }

  /** What somebody practises on a day, where she has something. @throws Unreadable */
  async now(context: RequestContext, personId: string, today: string): Promise<HomePracticeDto | undefined> {
    const row = await this.rows.findOne({
      where: { personId, until: { [Op.gte]: today } },
      order: [['createdAt', 'DESC']],
    });
    return row ? this.asKnownNow(context, row) : undefined;
  }

  /**
   * Each step is looked at again whenever it is shown, for she, the rules of the hall and ours may be others than when
   * it was kept: what is no longer for home is not given, and how many that are is said.
   */
  private async asKnownNow(context: RequestContext, row: HomeRow): Promise<HomePracticeDto> {
    const practice = this.opened(row);
    const { has } = this.sealedOf(row);
    const known = await this.draft(context, row.classId, row.personId, has).catch(() => undefined);
    const isStill = ({ step, variant }: HomeStep): boolean =>
      known?.draft.steps.some((one) => one.step === step && one.variant === variant) ?? false;
    const steps = practice.steps.filter(isStill);
    const leftOut = practice.steps.length - steps.length;
    return leftOut ? { ...practice, steps, leftOut, minutes: homeMinutes(steps) } : practice;
  }

  /** Ends it today. @throws NotFoundException */
  async end(context: RequestContext, personId: string, id: string): Promise<void> {
    const row = await this.one(context, personId, id);
    const today = await this.hall.today(context);
    await this.transactions.run(async (transaction) => {
      // Of the day itself nothing is left either.
      if (row.on === today) await row.destroy({ transaction });
      else await this.endNow(personId, today, transaction);
    });
  }

  /** As a PDF. @throws NotFoundException */
  async pdf(context: RequestContext, personId: string, id: string, gone?: AbortSignal): Promise<Buffer> {
    const [row, person, hall] = await Promise.all([
      this.one(context, personId, id),
      this.people.one(context, personId),
      this.halls.of(context),
    ]);
    const { sex, born, heightCm, weightKg, conditions, can, name } = person;
    const task = plain({
      ...{
        practice: await this.asKnownNow(context, row),
        on: row.on,
        name,
        hall: hall.name,
        teacher: hall.teacher,
      },
      body: { sex, born, heightCm, weightKg, conditions, can },
      own: await this.ownVariants.all(context),
    });
    return Buffer.from(await this.work.run('writeHomeSheet', task, gone));
  }

  private async endNow(
    personId: string,
    today: string,
    transaction: Parameters<Parameters<Transactions['run']>[0]>[0],
  ): Promise<void> {
    const where = { personId, until: { [Op.gte]: today } };
    await this.rows.destroy({ where: { ...where, on: today }, transaction });
    const [row] = await this.rows.findAll({ where, transaction });
    if (row) await row.update({ until: dateAfter(today, -1) }, { transaction });
  }

  private async one(context: RequestContext, personId: string, id: string): Promise<HomeRow> {
    await this.people.there(context, personId);
    const row = await this.rows.findOne({ where: { id, personId } });
    if (!row) throw new NotFoundException('This is no longer there.');
    return row;
  }

  private opened(row: HomeRow): HomePracticeDto {
    const { id, classId, on, until } = row;
    const { has: _has, ...open } = this.sealedOf(row);
    return { id, classId, on, until, ...open, steps: [...open.steps], minutes: homeMinutes(open.steps) };
  }

  private sealedOf = ({ id, sealed }: HomeRow): SealedHome =>
    openJson<SealedHome>(this.vault, SEALED.home, [id], sealed);
}
