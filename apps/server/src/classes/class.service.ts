import { Injectable, NotFoundException } from '@nestjs/common';
import { NO_CHOICES, type Comparison, type InputError, type SheetStep, type Today } from '@lotus-steady/core';
import { Clock } from '../common/clock.js';
import { AskedTogether } from '../common/askedTogether.js';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { recentTexts, versionKey } from '../common/recentTexts.js';
import { StaleVersion, VersionConflict } from '../common/versions.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { PersonService } from '../people/person.service.js';
import { writtenPerson } from '../people/writtenPerson.js';
import { PlaceRepository } from '../places/place.repository.js';
import { plain } from '../threads/plain.js';
import { WorkPool } from '../threads/workPool.js';
import type {
  ClassDraftDto,
  ClassDto,
  ClassesQueryDto,
  ClassInputsDto,
  ClassLineDto,
  DoorAnswerDto,
  DoorDto,
  FitDto,
  PlanDto,
} from './class.dto.js';
import {
  ClassRepository,
  type ClassColumns,
  type FittedKeptClass,
  type FittingColumns,
} from './class.repository.js';
import type { FitTask } from './fitDraft.js';
import { FITTING_FORMAT, isUpToDate, unpackedJson } from './packedFitting.js';
import type { AfterClassDto } from './record.dto.js';
import type { KeptFitting } from './unpackedFitting.js';

const stockOf = (stock: Record<string, number>): { stock?: Record<string, number> } =>
  Object.keys(stock).length ? { stock } : {};

/** Some ten large classes, or a hundred small ones, bytes. */
const TEXTS_KEPT = 24_000_000;

/** So often the class is fitted anew where somebody else has saved it meanwhile. */
const DOOR_TRIES = 12;

/** What is wrong with somebody's today, named as the form at the door names it: `today.bp`. */
const atTheField =
  (at: number) =>
  (error: unknown): never => {
    if (!(error instanceof FieldsException)) throw error;
    throw new FieldsException(
      error.fields.map(({ field, message }) => ({ field: field.replace(`people[${at}].`, ''), message })),
    );
  };

/** A class without its fitting. */
export type BareClass = Omit<ClassDto, 'fitting'>;

/** The fitting of a class that has one, as a thread reads it. */
const keptOf = ({ people, fitting }: FittedKeptClass): KeptFitting => ({
  bytes: fitting!.fitting,
  format: fitting!.format,
  people: people.map(({ id, name }) => ({ id, name })),
});

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
    private readonly people: PersonService,
    private readonly halls: HallRepository,
    private readonly clock: Clock,
    private readonly ownVariants: OwnVariantService,
    private readonly work: WorkPool,
    private readonly places: PlaceRepository,
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
    const task = await this.taskFor(context, draft);
    const done = await this.work.run('fitDraft', { ...task, keep: false }, gone);
    if ('errors' in done) throw new FieldsException(done.errors);
    return 'answer' in done ? done.answer : 'null';
  }

  /** What a draft is fitted from. @throws FieldsException for someone who is no longer in the list */
  private async taskFor(context: RequestContext, draft: FitDto): Promise<FitTask> {
    const hall = await this.halls.of(context);
    const { houseView, rules, pace } = hall;
    const stock = await this.stockAt(context, draft.place, hall.stock);
    const rows = await this.people.byIds(
      context,
      draft.people.map(({ id }) => id),
    );
    return plain({
      draft: {
        on: draft.on,
        sequenceText: draft.sequenceText,
        houseView: draft.houseView,
        choices: draft.choices,
      },
      coming: rows.map((row, i) => ({
        id: row.id,
        version: row.version,
        person: writtenPerson(row),
        today: draft.people[i]!.today ?? {},
      })),
      hall: { houseView, rules, pace, stock },
      own: await this.ownVariants.all(context),
    });
  }

  /**
   * What the page needs to fit this class by itself while it is being edited: everyone as they are known
   * today.
   */
  async inputs(context: RequestContext, id: string): Promise<ClassInputsDto> {
    const row = await this.classes.bare(context, id);
    const hall = await this.halls.of(context);
    const people = await this.people.byIds(
      context,
      row.people.map((person) => person.id),
    );
    return {
      on: row.on,
      people: people.map((person, i) => ({ ...writtenPerson(person), today: row.people[i]!.today })),
      houseView: { ...hall.houseView, ...row.ownView },
      hall: hall.rules,
      pace: hall.pace,
      ...stockOf(await this.stockAt(context, row.place, hall.stock)),
    };
  }

  /** What there is where a class is; what the hall has where nobody has said what is there. */
  private async stockAt(
    context: RequestContext,
    place: string | null | undefined,
    ofHall: Record<string, number>,
  ): Promise<Record<string, number>> {
    const { stock = {} } = (place && (await this.places.named(context, place))) || {};
    return Object.keys(stock).length ? stock : ofHall;
  }

  /**
   * How a kept class would differ if it were fitted today: people, the rulebook, the house view or the date
   * may have changed.
   */
  async recheck(context: RequestContext, id: string, gone: AbortSignal): Promise<Comparison> {
    const row = await this.classes.whole(context, id);
    return this.compared(context, row, draftOf(row), gone);
  }

  /** How a kept class would differ if it were fitted from a draft. */
  private async compared(
    context: RequestContext,
    row: FittedKeptClass,
    draft: FitDto,
    gone?: AbortSignal,
  ): Promise<Comparison> {
    const task = await this.taskFor(context, draft);
    const kept = row.fitting ? keptOf(row) : undefined;
    const done = await this.work.run('compareWithToday', { ...task, kept }, gone);
    if ('errors' in done) throw new FieldsException(done.errors);
    return done.comparison;
  }

  async create(context: RequestContext, draft: ClassDraftDto): Promise<SavedDto> {
    const { columns, fitting } = await this.columnsFor(context, draft);
    return this.classes.create(context, columns, fitting);
  }

  async update(context: RequestContext, id: string, draft: ClassDraftDto, read: number): Promise<SavedDto> {
    await this.classes.bare(context, id);
    const { columns, fitting } = await this.columnsFor(context, draft);
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

  /**
   * Keeps how somebody is today, and fits the class again: two who ask at the door at the same time both keep what they
   * were told.
   *
   * @throws NotFoundException for somebody who is not down for the class
   */
  async atTheDoor(
    context: RequestContext,
    id: string,
    asked: DoorDto,
    tries = DOOR_TRIES,
  ): Promise<DoorAnswerDto> {
    const row = await this.classes.whole(context, id);
    const at = row.people.findIndex((person) => person.id === asked.personId);
    if (at < 0) throw new NotFoundException('This person is not down for the class.');
    const draft = draftOf(row);
    draft.people[at] = { id: asked.personId, today: asked.today };
    const [{ columns, fitting }, comparison] = await Promise.all([
      this.columnsFor(context, draft),
      this.compared(context, row, draft),
    ]).catch(atTheField(at));
    try {
      return { ...(await this.classes.update(context, id, columns, fitting, row.version)), comparison };
    } catch (error) {
      if (error instanceof StaleVersion && tries > 1) return this.atTheDoor(context, id, asked, tries - 1);
      throw error;
    }
  }

  /**
   * Puts somebody down for a class, or takes them off it, and fits it again; what was chosen for who does not come is
   * forgotten. Tried again where somebody else saves meanwhile.
   */
  async comes(
    context: RequestContext,
    id: string,
    personId: string,
    comes: boolean,
    tries = DOOR_TRIES,
  ): Promise<void> {
    const row = await this.classes.bare(context, id);
    if (row.people.some((person) => person.id === personId) === comes) return;
    const draft = draftOf(row);
    draft.people = comes
      ? [...draft.people, { id: personId, today: {} }]
      : draft.people.filter((person) => person.id !== personId);
    draft.choices.overrides = draft.choices.overrides.filter((one) =>
      draft.people.some((person) => person.id === one.personId),
    );
    const { columns, fitting } = await this.columnsFor(context, draft);
    try {
      await this.classes.update(context, id, columns, fitting, row.version);
    } catch (error) {
      if (!(error instanceof StaleVersion) || tries <= 1) throw error;
      await this.comes(context, id, personId, comes, tries - 1);
    }
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

  /** Keeps how the class was; a second save replaces the first. */
  async saveRecords(
    context: RequestContext,
    id: string,
    { records }: AfterClassDto,
    read: number,
  ): Promise<SavedDto> {
    const row = await this.classes.whole(context, id);
    const known = new Set(row.people.map((person) => person.id));
    const steps = row.fitting?.steps ?? 0;
    const errors = records.flatMap((record, i): InputError[] => [
      ...(records.findIndex(({ personId }) => personId === record.personId) === i
        ? []
        : [{ field: `records[${i}].personId`, message: 'This person is there twice.' }]),
      ...(known.has(record.personId)
        ? []
        : [{ field: `records[${i}].personId`, message: 'This person was not down for the class.' }]),
      ...(record.changes.every(({ step }) => step <= steps)
        ? []
        : [{ field: `records[${i}].changes`, message: 'There is no such step in this class.' }]),
    ]);
    if (errors.length) throw new FieldsException(errors);
    const kept = records.map((record) => ({
      ...record,
      painBefore: record.painBefore ?? null,
      painAfter: record.painAfter ?? null,
    }));
    return this.classes.saveRecords(context, id, kept, read).catch(this.toldHowItStands(context, id));
  }

  /** Tells whoever saved on a version that is no longer there how the class stands now. */
  private toldHowItStands(context: RequestContext, id: string) {
    return async (error: unknown): Promise<never> => {
      if (!(error instanceof StaleVersion)) throw error;
      const { bare, fitting } = await this.one(context, id);
      throw new VersionConflict({ ...bare, fitting: JSON.parse(fitting) as unknown });
    };
  }

  /** Fits a draft to be kept. @throws FieldsException where a choice must not be done without a medical clearance */
  private async columnsFor(
    context: RequestContext,
    draft: ClassDraftDto,
  ): Promise<{ columns: ClassColumns; fitting: FittingColumns }> {
    const task = await this.taskFor(context, draft);
    const done = await this.work.run('fitDraft', { ...task, keep: true });
    if ('errors' in done) throw new FieldsException(done.errors);
    if (!('keep' in done)) throw new Error('A fitting to be kept was answered.');
    const { houseView, choices, refused, rulebook, catalogue, steps, ownVariants, output, input } = done.keep;
    const problems = refused.map(({ personId, person, step, reason }): InputError => {
      const at = choices.overrides.findIndex((one) => one.personId === personId && one.step === step);
      const message = `${person}, step ${step}: ${reason} It needs a medical clearance on file.`;
      return { field: `choices.overrides[${at}]`, message };
    });
    if (problems.length) throw new FieldsException(problems);
    return {
      columns: {
        title: draft.title,
        on: draft.on,
        time: draft.time ?? null,
        place: draft.place ?? null,
        sequenceId: draft.sequenceId ?? null,
        groupId: draft.groupId ?? null,
        sequenceText: draft.sequenceText,
        people: task.coming.map(({ id, version, person: { name }, today }) => ({
          id,
          name,
          version,
          today: today as Today,
        })),
        houseView,
        ownView: draft.houseView ?? {},
        choices,
      },
      fitting: {
        rulebook,
        catalogue,
        format: FITTING_FORMAT,
        steps,
        ownVariants,
        fitting: Buffer.from(output),
        madeFrom: Buffer.from(input),
      },
    };
  }
}

/** The class as it is kept, as a draft to be fitted again. */
const draftOf = ({
  title,
  on,
  time,
  place,
  sequenceId,
  groupId,
  sequenceText,
  people,
  ownView,
  choices,
}: ClassColumns) => ({
  title,
  on,
  ...(time ? { time } : {}),
  ...(place ? { place } : {}),
  ...(sequenceId ? { sequenceId } : {}),
  ...(groupId ? { groupId } : {}),
  sequenceText,
  people: people.map(({ id, today }) => ({ id, today: { ...today } })),
  houseView: ownView,
  choices: { ...choices },
});
