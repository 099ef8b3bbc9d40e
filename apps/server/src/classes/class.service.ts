import { Injectable } from '@nestjs/common';
import {
  compareFittings,
  fitClass,
  isDate,
  paceOf,
  parseSequence,
  readChoices,
  readFitting,
  readHouseView,
  readPeople,
  type Choices,
  type Comparison,
  type Fitting,
  type HouseView,
  type InputError,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { FieldsException } from '../common/problems.js';
import { VersionConflict } from '../common/versions.js';
import { HallRepository } from '../halls/hall.repository.js';
import { OwnVariantService } from '../own-variants/ownVariant.service.js';
import { PersonService } from '../people/person.service.js';
import { writtenPerson } from '../people/writtenPerson.js';
import type { ClassDraftDto, ClassDto, ClassInputsDto, ClassLineDto, FitDto, PlanDto } from './class.dto.js';
import type { ClassPerson, ClassRow } from './class.model.js';
import { ClassRepository, type ClassColumns, type FittingColumns } from './class.repository.js';
import type { AfterClassDto } from './record.dto.js';

/** A fitting with what it was made from. */
interface Fitted {
  people: ClassPerson[];
  houseView: HouseView;
  choices: Choices;
  fitting: Fitting;
  input: unknown;
}

const stockOf = (stock: Record<string, number>): { stock?: Record<string, number> } =>
  Object.keys(stock).length ? { stock } : {};

const namesOf = ({ people }: ClassRow) => people.map(({ id, person: { name } }) => ({ id, name }));

@Injectable()
export class ClassService {
  constructor(
    private readonly classes: ClassRepository,
    private readonly people: PersonService,
    private readonly halls: HallRepository,
    private readonly ownVariants: OwnVariantService,
  ) {}

  async list(context: RequestContext): Promise<ClassLineDto[]> {
    const rows = await this.classes.all(context);
    return rows.map(({ id, title, on, time, place, people, records }) => ({
      id,
      title,
      on,
      time,
      place,
      people: people.length,
      recorded: records.length > 0,
    }));
  }

  async one(context: RequestContext, id: string): Promise<ClassDto> {
    const row = await this.classes.whole(context, id);
    const { title, on, time, place, sequenceText, houseView, choices, version } = row;
    return {
      id,
      title,
      on,
      time,
      place,
      sequenceText,
      houseView,
      choices,
      fitting: row.fitting ? readFitting(row.fitting.output, namesOf(row)) : null,
      people: row.people.map(({ id: personId, person, today }) => ({
        id: personId,
        name: person.name,
        today,
      })),
      records: row.records.map(({ personId, came, painBefore, painAfter, changes, word }) => ({
        personId,
        came,
        painBefore,
        painAfter,
        changes,
        word,
      })),
      version,
    };
  }

  /** Fits without keeping anything. @throws FieldsException for what cannot be read */
  async fit(context: RequestContext, draft: FitDto): Promise<Fitted> {
    const errors: InputError[] = [];
    const on = isDate(draft.on) ? draft.on : undefined;
    if (!on) errors.push({ field: 'on', message: 'The date is a real date, YYYY-MM-DD.' });
    const catalogue = await this.ownVariants.catalogue(context);
    const { sequence, errors: lines } = parseSequence(draft.sequenceText, catalogue.poses);
    errors.push(...lines.map(({ line, message }) => ({ field: `sequenceText:${line}`, message })));
    const hall = await this.halls.of(context);
    const view = readHouseView({ ...hall.houseView, ...draft.houseView }, RULEBOOK);
    errors.push(...view.errors);
    const rows = await this.people.byIds(
      context,
      draft.people.map(({ id }) => id),
    );
    const coming = rows.map((row, i) => ({
      id: row.id,
      person: writtenPerson(row),
      today: draft.people[i]!.today ?? {},
    }));
    const read = readPeople(
      coming.map(({ person, today }) => ({ ...person, today })),
      RULEBOOK,
      on,
    );
    errors.push(...read.errors);
    const { choices, errors: choiceErrors } = readChoices(
      draft.choices,
      catalogue,
      sequence.steps.length,
      read.people,
    );
    errors.push(...choiceErrors);
    if (errors.length) throw new FieldsException(errors);
    const { houseView } = view;
    const fitting = fitClass({
      sequence,
      people: read.people,
      on: draft.on,
      houseView,
      catalogue,
      rulebook: RULEBOOK,
      hall: hall.rules,
      choices,
      pace: paceOf(hall.pace),
      ...stockOf(hall.stock),
    });
    const { sequenceText } = draft;
    const input = { on, sequenceText, people: coming, houseView, hall: hall.rules, choices };
    return { people: coming, houseView, choices, fitting, input };
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
      ...stockOf(hall.stock),
    };
  }

  /**
   * How a kept class would differ if it were fitted today: people, the rulebook, the house view or the date
   * may have changed.
   */
  async recheck(context: RequestContext, id: string): Promise<Comparison> {
    const row = await this.classes.whole(context, id);
    const { fitting } = await this.fit(context, draftOf(row));
    return row.fitting
      ? compareFittings(readFitting(row.fitting.output, namesOf(row)), fitting)
      : { differences: [], steps: 0, says: '' };
  }

  async create(context: RequestContext, draft: ClassDraftDto): Promise<SavedDto> {
    const { columns, fitting } = await this.columnsFor(context, draft);
    const { id, version } = await this.classes.create(context, columns, fitting);
    return { id, version };
  }

  async update(context: RequestContext, id: string, draft: ClassDraftDto, read: number): Promise<SavedDto> {
    await this.classes.bare(context, id);
    const { columns, fitting } = await this.columnsFor(context, draft);
    const version = await this.classes.update(context, id, columns, fitting, read);
    if (version === undefined) throw new VersionConflict(await this.one(context, id));
    return { id, version };
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
    const steps = row.fitting?.output.steps.length ?? 0;
    const errors = records.flatMap((record, i): InputError[] => [
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
    const version = await this.classes.saveRecords(context, id, kept, read);
    if (version === undefined) throw new VersionConflict(await this.one(context, id));
    return { id, version };
  }

  /** Fits a draft to be kept. @throws FieldsException where a choice must not be done without a medical clearance */
  private async columnsFor(
    context: RequestContext,
    draft: ClassDraftDto,
  ): Promise<{ columns: ClassColumns; fitting: FittingColumns }> {
    const { people, houseView, choices, fitting, input } = await this.fit(context, draft);
    const refused = fitting.refused.map(({ personId, person, step, reason }): InputError => {
      const at = choices.overrides.findIndex((one) => one.personId === personId && one.step === step);
      const message = `${person}, step ${step}: ${reason} It needs a medical clearance on file.`;
      return { field: `choices.overrides[${at}]`, message };
    });
    if (refused.length) throw new FieldsException(refused);
    return {
      columns: {
        title: draft.title,
        on: draft.on,
        time: draft.time ?? null,
        place: draft.place ?? null,
        sequenceText: draft.sequenceText,
        people,
        houseView,
        ownView: draft.houseView ?? {},
        choices,
      },
      fitting: { rulebook: fitting.rulebook, catalogue: fitting.catalogue, input, output: fitting },
    };
  }
}

/** The class as it is kept, as a draft to be fitted again. */
const draftOf = ({ title, on, time, place, sequenceText, people, ownView, choices }: ClassRow) => ({
  title,
  on,
  ...(time ? { time } : {}),
  ...(place ? { place } : {}),
  sequenceText,
  people: people.map(({ id, today }) => ({ id, today: { ...today } })),
  houseView: ownView,
  choices: { ...choices },
});
