import { Injectable } from '@nestjs/common';
import { NO_CHOICES, type Comparison, type SheetStep } from '@lotus-steady/core';
import { Clock } from '../common/clock.js';
import { AskedTogether } from '../common/askedTogether.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { recentTexts, versionKey } from '../common/recentTexts.js';
import { StaleVersion, VersionConflict } from '../common/versions.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { WorkPool } from '../threads/workPool.js';
import type {
  ClassDraftDto,
  ClassDto,
  ClassesQueryDto,
  ClassInputsDto,
  ClassLineDto,
  FitDto,
  PlanDto,
} from './class.dto.js';
import { ClassFitter } from './classFitter.js';
import { ClassRepository, type ClassColumns, type FittedKeptClass } from './class.repository.js';
import { draftOf, keptOf } from './keptClass.js';
import { isUpToDate, unpackedJson } from './packedFitting.js';

/** Some ten large classes, or a hundred small ones, bytes. */
const TEXTS_KEPT = 24_000_000;

/** A class without its fitting. */
export type BareClass = Omit<ClassDto, 'fitting'>;

/** A class that somebody is down for, as she does it. */
export interface OwnClass extends Pick<ClassColumns, 'title' | 'on' | 'time' | 'place'> {
  steps: SheetStep[];
}

@Injectable()
export class ClassService {
  private readonly texts = recentTexts<Buffer>(TEXTS_KEPT);
  private readonly reads = new AskedTogether<Buffer>();

  constructor(
    private readonly classes: ClassRepository,
    private readonly halls: HallRepository,
    private readonly clock: Clock,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
    private readonly fitter: ClassFitter,
  ) {}

  async list(context: RequestContext, query: ClassesQueryDto): Promise<ClassLineDto[]> {
    const { timeZone } = await this.halls.of(context);
    const lines = await this.classes.lines(context, query, this.clock.today(timeZone));
    return lines.map(({ heads, recorded, ...line }) => ({
      ...line,
      people: heads,
      recorded: Boolean(recorded),
    }));
  }

  /** A class as the bytes of its JSON: a text would be made into bytes again for each who reads it. */
  async json(context: RequestContext, id: string): Promise<Buffer> {
    if (context.role === 'assistant') return this.forAssistant(context, id);
    return this.reads.answer(`${context.hallId} ${id}`, () => this.read(context, id));
  }

  private async read(context: RequestContext, id: string): Promise<Buffer> {
    const key = versionKey({ id, version: await this.classes.versionOf(context, id) });
    const known = this.texts.get(key);
    if (known !== undefined) return known;
    const { bare, fitting } = await this.one(context, id);
    // The fitting is kept as JSON: it is not read and written again to be passed on.
    const json = Buffer.from(`${JSON.stringify(bare).slice(0, -1)},"fitting":${fitting}}`);
    this.texts.set(versionKey(bare), json);
    return json;
  }

  /** A class, and its fitting as JSON. */
  async one(context: RequestContext, id: string): Promise<{ bare: BareClass; fitting: string }> {
    const row = await this.classes.whole(context, id);
    const { title, on, time, place, sequenceId, groupId, sequenceText, houseView, choices, version } = row;
    const bare = {
      id,
      title,
      on,
      time,
      place,
      sequenceId,
      groupId,
      sequenceText,
      houseView,
      choices,
      people: row.people.map(({ id: personId, name, today }) => ({ id: personId, name, today })),
      records: row.records,
      version,
    };
    return { bare, fitting: await this.fittingOf(row) };
  }

  /** A class as whoever helps in the room sees it: nothing of anybody's health is in it. */
  private async forAssistant(context: RequestContext, id: string): Promise<Buffer> {
    const row = await this.classes.whole(context, id);
    const { title, on, time, place, sequenceId, groupId, sequenceText, houseView, version } = row;
    const people = row.people.map(({ id: personId, name }) => ({ id: personId, name, today: {} }));
    const shared = { id, title, on, time, place, sequenceId, groupId, sequenceText, houseView, version };
    const bare: BareClass = { ...shared, choices: NO_CHOICES, people, records: [] };
    const fitting = row.fitting
      ? await this.work.run('assistantFitting', {
          kept: keptOf(row),
          own: await this.ownVariants.all(context),
        })
      : 'null';
    return Buffer.from(`${JSON.stringify(bare).slice(0, -1)},"fitting":${fitting}}`);
  }

  /** The next classes that somebody is down for, and what she does in them. */
  async sheetsOf(context: RequestContext, personId: string): Promise<OwnClass[]> {
    const { timeZone } = await this.halls.of(context);
    const rows = await this.classes.comingFor(context, personId, this.clock.today(timeZone));
    const sheets = await this.work.run('ownSheets', { kept: rows.map(keptOf), personId });
    return rows.map(({ title, on, time, place }, i) => ({ title, on, time, place, steps: sheets[i]! }));
  }

  /** The kept fitting of a class as JSON; `null` where there is none. */
  private async fittingOf(row: FittedKeptClass): Promise<string> {
    if (!row.fitting) return 'null';
    const { format, fitting } = row.fitting;
    if (isUpToDate(format)) return unpackedJson(fitting, format);
    return JSON.stringify(await this.work.run('unpackedFitting', keptOf(row)));
  }

  /** Fits without keeping anything. @returns the answer as JSON @throws FieldsException for what cannot be read */
  async fit(context: RequestContext, draft: FitDto, gone: AbortSignal): Promise<string> {
    const task = await this.fitter.taskFor(context, draft);
    const done = await this.work.run('fitDraft', { ...task, keep: false }, gone);
    if ('errors' in done) throw new FieldsException(done.errors);
    return 'answer' in done ? done.answer : 'null';
  }

  /**
   * How a kept class would differ if it were fitted today: people, the rulebook, the house view or the date
   * may have changed.
   */
  async recheck(context: RequestContext, id: string, gone: AbortSignal): Promise<Comparison> {
    const row = await this.classes.whole(context, id);
    return this.fitter.compared(context, row, draftOf(row), gone);
  }

  /** What the page needs to fit this class by itself while it is being edited: everyone as they are known today. */
  async inputs(context: RequestContext, id: string): Promise<ClassInputsDto> {
    return this.fitter.inputs(context, await this.classes.bare(context, id));
  }

  async create(context: RequestContext, draft: ClassDraftDto): Promise<SavedDto> {
    const { columns, fitting } = await this.fitter.columnsFor(context, draft);
    return this.classes.create(context, columns, fitting);
  }

  async update(context: RequestContext, id: string, draft: ClassDraftDto, read: number): Promise<SavedDto> {
    await this.classes.bare(context, id);
    const { columns, fitting } = await this.fitter.columnsFor(context, draft);
    return this.classes.update(context, id, columns, fitting, read).catch(this.toldHowItStands(context, id));
  }

  /** Keeps an edit to a class's plan, fitted with what is known today. */
  async savePlan(
    context: RequestContext,
    id: string,
    { sequenceText, choices }: PlanDto,
    read: number,
  ): Promise<SavedDto> {
    const row = await this.classes.bare(context, id);
    return this.update(context, id, { ...draftOf(row), sequenceText, choices }, read);
  }

  /** Counts a class as begun from a sequence of the library. */
  async saveSequence(
    context: RequestContext,
    id: string,
    sequenceId: string,
    read: number,
  ): Promise<SavedDto> {
    return this.classes.saveSequence(context, id, sequenceId, read).catch(this.toldHowItStands(context, id));
  }

  async remove(context: RequestContext, id: string): Promise<void> {
    await this.classes.remove(context, id);
  }

  async restore(context: RequestContext, id: string): Promise<void> {
    await this.classes.restore(context, id);
  }

  /** Tells whoever saved on a version that is no longer there how the class stands now. */
  toldHowItStands(context: RequestContext, id: string) {
    return async (error: unknown): Promise<never> => {
      if (!(error instanceof StaleVersion)) throw error;
      const { bare, fitting } = await this.one(context, id);
      throw new VersionConflict({ ...bare, fitting: JSON.parse(fitting) as unknown });
    };
  }
}
