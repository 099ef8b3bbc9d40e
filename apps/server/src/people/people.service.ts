import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { readPerson, type InputError, type Person } from '@lotus-steady/core';
import { Op } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClassRow, PersonConditionRow, PersonRow, PropNoteRow, RecordRow } from '../database/models.js';
import { FieldsException } from '../http/problems.js';
import { StudioService } from '../studio/studio.service.js';
import type { PersonDto, PropNoteDto } from './person.dto.js';

/** A person as they are written down: what the form edits and what the core reads. */
export function writtenPerson(row: PersonRow): Record<string, unknown> {
  const conditions = [...row.conditions]
    .sort((a, b) => a.position - b.position)
    .map(({ condition, details }) => ({ condition, ...details }));
  return {
    name: row.name,
    heightCm: row.heightCm,
    can: row.can,
    ranges: row.ranges,
    screening: row.screening,
    conditions,
    limits: row.limits,
    clearances: row.clearances,
    ...(row.born ? { born: row.born } : {}),
    ...(row.sex ? { sex: row.sex } : {}),
    ...(row.weightKg === null ? {} : { weightKg: row.weightKg }),
  };
}

@Injectable()
export class PeopleService {
  constructor(
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(PersonConditionRow) private readonly conditions: typeof PersonConditionRow,
    @InjectModel(PropNoteRow) private readonly propNotes: typeof PropNoteRow,
    private readonly studio: StudioService,
    private readonly sequelize: Sequelize,
  ) {}

  async list() {
    const { id: studioId } = await this.studio.current();
    const rows = await this.people.findAll({
      where: { studioId },
      include: [PersonConditionRow],
      order: [['name', 'ASC']],
    });
    return rows.map((row) => ({ id: row.id, ...writtenPerson(row) }));
  }

  /** The named people, in the order asked for. @throws FieldsException for one that is not there */
  async byIds(ids: readonly string[]): Promise<PersonRow[]> {
    const { id: studioId } = await this.studio.current();
    const rows = await this.people.findAll({
      where: { studioId, id: { [Op.in]: [...ids] } },
      include: [PersonConditionRow],
    });
    return ids.map((id, i) => {
      const row = rows.find((found) => found.id === id);
      if (!row)
        throw new FieldsException([
          { field: `people[${i}].id`, message: 'This person is no longer in the list.' },
        ]);
      return row;
    });
  }

  async one(id: string) {
    const row = await this.find(id, true);
    const records = [...row.records]
      .sort((a, b) => (a.class.on < b.class.on ? 1 : -1))
      .map((record) => ({
        classId: record.classId,
        title: record.class.title,
        on: record.class.on,
        came: record.came,
        painBefore: record.painBefore,
        painAfter: record.painAfter,
        changes: record.changes,
        word: record.word,
      }));
    const propNotes = row.propNotes.map(({ task, heightCm, words, on }) => ({ task, heightCm, words, on }));
    return { id: row.id, ...writtenPerson(row), records, propNotes };
  }

  async create(dto: PersonDto) {
    const { id: studioId } = await this.studio.current();
    const person = await this.check(dto, studioId);
    return this.sequelize.transaction(async (transaction) => {
      const row = await this.people.create({ studioId, ...columns(person) }, { transaction });
      await this.writeConditions(row.id, person, transaction);
      return { id: row.id };
    });
  }

  async update(id: string, dto: PersonDto) {
    const row = await this.find(id, false);
    const person = await this.check(dto, row.studioId, id);
    await this.sequelize.transaction(async (transaction) => {
      await row.update(columns(person), { transaction });
      await this.conditions.destroy({ where: { personId: id }, transaction });
      await this.writeConditions(id, person, transaction);
    });
    return { id };
  }

  async keepProp(id: string, { task, heightCm, words, on }: PropNoteDto): Promise<void> {
    const { id: personId } = await this.find(id, false);
    await this.sequelize.transaction(async (transaction) => {
      await this.propNotes.destroy({ where: { personId, task }, transaction });
      await this.propNotes.create({ personId, task, heightCm, words, on }, { transaction });
    });
  }

  async remove(id: string): Promise<void> {
    await (await this.find(id, false)).destroy();
  }

  private async find(id: string, withRecords: boolean): Promise<PersonRow> {
    const row = await this.people.findByPk(id, {
      include: [
        PersonConditionRow,
        ...(withRecords ? [{ model: RecordRow, include: [ClassRow] }, PropNoteRow] : []),
      ],
    });
    if (!row) throw new NotFoundException('This person is not in the list.');
    return row;
  }

  private async check(dto: PersonDto, studioId: string, except?: string): Promise<Person> {
    const errors: InputError[] = [];
    const person = readPerson({ ...dto }, '', errors, new Date().toISOString().slice(0, 10));
    const namesake = person.name
      ? await this.people.findOne({
          where: { studioId, name: person.name, ...(except ? { id: { [Op.ne]: except } } : {}) },
        })
      : null;
    if (namesake)
      errors.push({
        field: 'name',
        message: `There is already someone named "${person.name}". Add a letter to tell them apart.`,
      });
    if (errors.length) throw new FieldsException(errors);
    return person;
  }

  private async writeConditions(
    personId: string,
    person: Person,
    transaction: import('sequelize').Transaction,
  ): Promise<void> {
    await this.conditions.bulkCreate(
      person.conditions.map(({ condition, details }, position) => ({
        personId,
        condition,
        details,
        position,
      })),
      { transaction },
    );
  }
}

const columns = ({
  name,
  born,
  sex,
  heightCm,
  weightKg,
  can,
  ranges,
  screening,
  limits,
  clearances,
}: Person) => ({
  name,
  born: born ?? null,
  sex: sex ?? null,
  heightCm,
  weightKg: weightKg ?? null,
  can,
  ranges,
  screening,
  limits,
  clearances,
});
