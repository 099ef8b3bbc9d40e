import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
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
  type HallRules,
  type HouseView,
  type InputError,
} from '@lotus-steady/core';
import { Sequelize, type ModelCtor } from 'sequelize-typescript';
import { ClassRow, FittingRow, RecordRow } from '../database/models.js';
import type { ClassPerson } from '../database/types.js';
import { FieldsException } from '../http/problems.js';
import { OwnVariantsService } from '../own/own.module.js';
import { PeopleService, writtenPerson } from '../people/people.service.js';
import { StudioService } from '../studio/studio.service.js';
import type { AfterClassDto, ClassDto, FitDto, PlanDto } from './class.dto.js';

/** A fitting with what it was made from. */
interface Fitted {
  people: ClassPerson[];
  houseView: HouseView;
  hall: HallRules;
  choices: Choices;
  fitting: Fitting;
}

@Injectable()
export class ClassesService {
  constructor(
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    @InjectModel(FittingRow) private readonly fittings: typeof FittingRow,
    @InjectModel(RecordRow) private readonly records: typeof RecordRow,
    private readonly people: PeopleService,
    private readonly studio: StudioService,
    private readonly own: OwnVariantsService,
    private readonly sequelize: Sequelize,
  ) {}

  async list() {
    const { id: studioId } = await this.studio.current();
    const rows = await this.classes.findAll({
      where: { studioId },
      include: [{ model: RecordRow, attributes: ['id'] }],
      order: [
        ['on', 'ASC'],
        ['time', 'ASC'],
      ],
    });
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

  async one(id: string) {
    const row = await this.find(id);
    const { title, on, time, place, sequenceText, houseView, choices } = row;
    return {
      id,
      title,
      on,
      time,
      place,
      sequenceText,
      houseView,
      choices,
      fitting: row.fitting ? readFitting(row.fitting.output) : null,
      people: row.people.map(({ id: personId, person, today }) => ({
        id: personId,
        name: person.name as string,
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
    };
  }

  /** Fits without keeping anything. */
  async fit(dto: FitDto): Promise<Fitted> {
    const errors: InputError[] = [];
    if (!isDate(dto.on)) errors.push({ field: 'on', message: 'The date is a real date, YYYY-MM-DD.' });
    const catalogue = await this.own.catalogue();
    const { sequence, errors: lines } = parseSequence(dto.sequenceText, catalogue.poses);
    errors.push(...lines.map(({ line, message }) => ({ field: `sequenceText:${line}`, message })));
    const studio = await this.studio.current();
    const { houseView, errors: viewErrors } = readHouseView({ ...studio.houseView, ...dto.houseView });
    errors.push(...viewErrors);
    const rows = await this.people.byIds(dto.people.map((coming) => coming.id));
    const coming = rows.map((row, i): ClassPerson => ({
      id: row.id,
      person: writtenPerson(row),
      today: dto.people[i]!.today ?? {},
    }));
    const { people, errors: personErrors } = readPeople(
      coming.map(({ person, today }) => ({ ...person, today })),
      isDate(dto.on) ? dto.on : undefined,
    );
    errors.push(...personErrors);
    const { choices, errors: choiceErrors } = readChoices(dto.choices, catalogue, sequence.steps.length);
    errors.push(...choiceErrors);
    if (errors.length) throw new FieldsException(errors);
    const fitting = fitClass({
      sequence,
      people,
      on: dto.on,
      houseView,
      catalogue,
      hall: studio.rules,
      choices,
      pace: paceOf(studio.pace),
      ...stockOf(studio.stock),
    });
    return { people: coming, houseView, hall: studio.rules, choices, fitting };
  }

  /**
   * What the page needs to fit this class by itself while it is being edited: everyone as they are known
   * today.
   */
  async inputs(id: string) {
    const row = await this.bare(id);
    const studio = await this.studio.current();
    const rows = await this.people.byIds(row.people.map((person) => person.id));
    const people = rows.map((person, i) => ({ ...writtenPerson(person), today: row.people[i]!.today }));
    return {
      on: row.on,
      people,
      houseView: { ...studio.houseView, ...row.ownView },
      hall: studio.rules,
      pace: studio.pace,
      ...stockOf(studio.stock),
    };
  }

  /** The class as it is kept, as a draft to be fitted again. */
  private draftOf({ title, on, time, place, sequenceText, people, ownView, choices }: ClassRow): ClassDto {
    return {
      title,
      on,
      ...(time ? { time } : {}),
      ...(place ? { place } : {}),
      sequenceText,
      people: people.map(({ id, today }) => ({ id, today: { ...today } })),
      houseView: ownView,
      choices: { ...choices },
    };
  }

  /**
   * How a kept class would differ if it were fitted today: people, the rulebook, the house view or the date
   * may have changed.
   */
  async recheck(id: string): Promise<Comparison> {
    const row = await this.find(id);
    const { fitting } = await this.fit(this.draftOf(row));
    return row.fitting
      ? compareFittings(readFitting(row.fitting.output), fitting)
      : { differences: [], steps: 0, says: '' };
  }

  /** Keeps an edit to a class's plan. */
  async plan(id: string, { sequenceText, choices }: PlanDto): Promise<void> {
    await this.save({ ...this.draftOf(await this.bare(id)), sequenceText, choices }, id);
  }

  /** Keeps a class with its fitting, new or changed, in one piece. */
  async save(dto: ClassDto, id?: string): Promise<{ id: string }> {
    const { people, houseView, hall, choices, fitting } = await this.fit(dto);
    const existing = id ? await this.bare(id) : undefined;
    // What must not be done without a go-ahead is not kept as if it could be.
    const refused = fitting.refused.map(({ person, step, reason }): InputError => ({
      field: `choices.overrides[${choices.overrides.findIndex((one) => one.person === person && one.step === step)}]`,
      message: `${person}, step ${step}: ${reason} It needs a go-ahead on file.`,
    }));
    if (refused.length) throw new FieldsException(refused);
    const columns = {
      title: dto.title,
      on: dto.on,
      time: dto.time ?? null,
      place: dto.place ?? null,
      sequenceText: dto.sequenceText,
      people,
      houseView,
      ownView: dto.houseView ?? {},
      choices,
    };
    return this.sequelize.transaction(async (transaction) => {
      const row = existing
        ? await existing.update(columns, { transaction })
        : await this.classes.create(
            { studioId: (await this.studio.current()).id, ...columns },
            { transaction },
          );
      await this.fittings.destroy({ where: { classId: row.id }, transaction });
      await this.fittings.create(
        {
          classId: row.id,
          rulebook: fitting.rulebook,
          catalogue: fitting.catalogue,
          input: { on: dto.on, sequenceText: dto.sequenceText, people, houseView, hall, choices },
          output: fitting,
        },
        { transaction },
      );
      return { id: row.id };
    });
  }

  async remove(id: string): Promise<void> {
    await (await this.bare(id)).destroy();
  }

  /** Keeps how the class was; a second save replaces the first. */
  async record(id: string, { records }: AfterClassDto): Promise<void> {
    const row = await this.find(id);
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
    await this.sequelize.transaction(async (transaction) => {
      await this.records.destroy({ where: { classId: id }, transaction });
      await this.records.bulkCreate(
        records.map((record) => ({
          ...record,
          classId: id,
          painBefore: record.painBefore ?? null,
          painAfter: record.painAfter ?? null,
        })),
        { transaction },
      );
    });
  }

  /** A class by itself, without its fitting and its record, which are large. */
  private bare(id: string): Promise<ClassRow> {
    return this.find(id, []);
  }

  private async find(id: string, include = [FittingRow, RecordRow] as ModelCtor[]): Promise<ClassRow> {
    const row = await this.classes.findByPk(id, { include });
    if (!row) throw new NotFoundException('This class is not in the list.');
    return row;
  }
}

/** A hall that has not said what it owns is not held to it. */
const stockOf = (stock: Record<string, number>): { stock?: Record<string, number> } =>
  Object.keys(stock).length ? { stock } : {};
