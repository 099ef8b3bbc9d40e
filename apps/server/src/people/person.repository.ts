import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Person } from '@lotus-steady/core';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClassRow, RecordRow } from '../classes/class.model.js';
import type { RequestContext } from '../common/context.js';
import type { PageDto } from '../common/page.dto.js';
import type { SavedDto } from '../common/problem.dto.js';
import { Transactions } from '../database/transactions.js';
import { VersionConflict } from '../common/versions.js';
import { PersonLog } from './personLog.js';
import { PersonConditionRow, PersonRow, PropNoteRow } from './person.model.js';
import { lineOf } from './writtenPerson.js';

/** A person's columns, their conditions apart. */
const columnsOf = ({ name, born, sex, heightCm, weightKg, can, ranges, screening, ...more }: Person) => ({
  name,
  born: born ?? null,
  sex: sex ?? null,
  pronoun: more.pronoun ?? null,
  heightCm,
  weightKg: weightKg ?? null,
  can,
  ranges: ranges as Record<string, number>,
  screening: screening as Record<string, number>,
  limits: more.limits,
  clearances: more.clearances,
  intake: more.intake ?? {},
});

/** A person as they would be written: what a change is told by. */
const writtenOf = ({ id: _id, today: _today, conditions, ...person }: Person) => ({
  ...person,
  conditions: conditions.map(({ condition, details }) => ({ condition, ...details })),
});

/** Asked for again and again while names are typed: to write it anew each time took longer than to answer it. */
const FOUND = `
  SELECT id, version FROM people
  WHERE hallId = :hallId AND removedAt IS NULL AND (
    name LIKE :like
    OR id IN (SELECT personId FROM person_conditions WHERE \`condition\` IN (:conditions))
    OR id IN (:others))
  ORDER BY name LIMIT :from, :most`;
const DOWN_FOR = `
  SELECT people FROM classes
  WHERE hallId = :hallId AND removedAt IS NULL AND title LIKE :like AND \`on\` >= :from
  ORDER BY \`on\` LIMIT :most`;
/** So many coming classes of a name are looked through. */
const CLASSES_MOST = 20;
/** A pattern for what holds some words as they are. */
const likeOf = (words: string): string => `%${words.replace(/[\\%_]/g, '\\$&')}%`;
/** Stands for nothing in a list that may not be empty. */
const NONE = [''];
type VersionOf = Pick<PersonRow, 'id' | 'version'>;

@Injectable()
export class PersonRepository {
  constructor(
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(PersonConditionRow) private readonly conditions: typeof PersonConditionRow,
    @InjectModel(PropNoteRow) private readonly propNotes: typeof PropNoteRow,
    private readonly log: PersonLog,
    private readonly transactions: Transactions,
    private readonly sequelize: Sequelize,
  ) {}

  /**
   * Which people's names hold some words, who has one of some conditions, and some by id; in the order of their names,
   * and in which version.
   */
  async found(
    { hallId }: RequestContext,
    words: string,
    { from, most }: PageDto,
    conditions: readonly string[] = [],
    others: readonly string[] = [],
  ): Promise<VersionOf[]> {
    return this.sequelize.query<VersionOf>(FOUND, {
      replacements: {
        hallId,
        like: likeOf(words),
        from,
        most,
        conditions: conditions.length ? conditions : NONE,
        others: others.length ? others : NONE,
      },
      type: QueryTypes.SELECT,
    });
  }

  /** Who is down for a class of which the title holds some words, from a day on: ids. */
  async downFor({ hallId }: RequestContext, words: string, from: string): Promise<string[]> {
    const rows = await this.sequelize.query<{ people: string }>(DOWN_FOR, {
      replacements: { hallId, like: likeOf(words), from, most: CLASSES_MOST },
      type: QueryTypes.SELECT,
    });
    return [
      ...new Set(rows.flatMap(({ people }) => (JSON.parse(people) as { id: string }[]).map(({ id }) => id))),
    ];
  }

  /** Those of the hall that have one of these ids, in no order. */
  async withIds({ hallId }: RequestContext, ids: readonly string[]): Promise<PersonRow[]> {
    return this.people.findAll({
      where: { hallId, id: { [Op.in]: [...ids] } },
      include: [PersonConditionRow],
    });
  }

  /** @throws NotFoundException */
  async one(context: RequestContext, id: string, transaction?: Transaction): Promise<PersonRow> {
    return this.find(context, id, [PersonConditionRow], transaction);
  }

  /** With how classes were for them, and what props worked. @throws NotFoundException */
  async whole(context: RequestContext, id: string): Promise<PersonRow> {
    return this.find(context, id, [
      PersonConditionRow,
      { model: RecordRow, include: [{ model: ClassRow, attributes: ['title', 'on'] }] },
      PropNoteRow,
    ]);
  }

  async named({ hallId }: RequestContext, name: string, except?: string): Promise<PersonRow | null> {
    return this.people.findOne({ where: { hallId, name, ...(except ? { id: { [Op.ne]: except } } : {}) } });
  }

  async create({ hallId, userId }: RequestContext, person: Person): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      await this.makeRoom(hallId, person.name, transaction);
      const { id, version } = await this.people.create(
        { hallId, version: 1, ...columnsOf(person) },
        { transaction },
      );
      await this.writeConditions(id, person, transaction);
      await this.log.keep({ personId: id, version, accountId: userId }, writtenOf(person), transaction);
      return { id, version };
    });
  }

  /** @throws VersionConflict where it is no longer the version that was read */
  async update(context: RequestContext, id: string, person: Person, read: number): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(context, id, transaction);
      if (row.version !== read) throw new VersionConflict(lineOf(await this.one(context, id, transaction)));
      // Who was known before changes were kept is remembered as they were before the first.
      if (!(await this.log.has(id, read, transaction))) {
        const { version: _version, id: _id, ...before } = lineOf(await this.one(context, id, transaction));
        await this.log.keep({ personId: id, version: read }, before, transaction);
      }
      await this.makeRoom(context.hallId, person.name, transaction);
      await row.update({ ...columnsOf(person), version: read + 1 }, { transaction });
      await this.conditions.destroy({ where: { personId: id }, transaction });
      await this.writeConditions(id, person, transaction);
      await this.log.keep(
        { personId: id, version: read + 1, accountId: context.userId },
        writtenOf(person),
        transaction,
      );
      return { id, version: read + 1 };
    });
  }

  async saveProp(
    context: RequestContext,
    id: string,
    note: Pick<PropNoteRow, 'task' | 'heightCm' | 'words' | 'on'>,
  ): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const { id: personId } = await this.locked(context, id, transaction);
      await this.propNotes.destroy({ where: { personId, task: note.task }, transaction });
      await this.propNotes.create({ personId, ...note }, { transaction });
    });
  }

  /** Removes someone; {@link restore} brings them back for a while. */
  async remove(context: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await (await this.locked(context, id, transaction)).destroy({ transaction });
    });
  }

  /** @throws NotFoundException where nobody of that id was removed, or too long ago */
  async restore({ hallId }: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const row = await this.people.findOne({ where: { hallId, id }, paranoid: false, transaction });
      if (!row) throw new NotFoundException('This person can no longer be brought back.');
      await row.restore({ transaction });
    });
  }

  /** Whoever was removed under a name makes room for who takes it. */
  private async makeRoom(hallId: string, name: string, transaction: Transaction): Promise<void> {
    await this.people.destroy({
      where: { hallId, name, removedAt: { [Op.ne]: null } },
      force: true,
      transaction,
    });
  }

  private async find(
    { hallId }: RequestContext,
    id: string,
    include: NonNullable<Parameters<typeof PersonRow.findOne>[0]>['include'],
    transaction?: Transaction,
  ): Promise<PersonRow> {
    return found(
      await this.people.findOne({
        where: { hallId, id },
        include,
        ...(transaction ? { transaction } : {}),
      }),
    );
  }

  /** Held until the transaction ends: the row alone, for a lock does not reach through what is joined to it. */
  private async locked({ hallId }: RequestContext, id: string, transaction: Transaction): Promise<PersonRow> {
    return found(
      await this.people.findOne({ where: { hallId, id }, transaction, lock: transaction.LOCK.UPDATE }),
    );
  }

  private async writeConditions(personId: string, person: Person, transaction: Transaction): Promise<void> {
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

function found(row: PersonRow | null): PersonRow {
  if (!row) throw new NotFoundException('This person is not in the list.');
  return row;
}
