import { randomUUID } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Person } from '@lotus-steady/core';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { RequestContext } from '../common/context.js';
import type { SavedDto } from '../common/problem.dto.js';
import { Transactions } from '../database/transactions.js';
import { VersionConflict } from '../common/versions.js';
import { Vault } from '../common/vault.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { PersonLog, type Known } from './personLog.js';
import type { PeopleOrder, PeopleQueryDto, PersonDto, PersonLineDto, PropNoteDto } from './person.dto.js';
import { PersonRow, PropNoteRow } from './person.model.js';

/** A person as they would be written: what a change is told by. */
const writtenOf = ({ id: _id, today: _today, conditions, ...person }: Person) => ({
  ...person,
  conditions: conditions.map(({ condition, details }) => ({ condition, ...details })),
});

/** Asked for again and again while names are typed: to write it anew each time took longer than to answer it. */
const FOUND = (order: PeopleOrder): string => `
  SELECT id, name, version FROM people
  WHERE hallId = :hallId AND removedAt IS NULL AND (name LIKE :like OR id IN (:others))
    AND (:groupId IS NULL OR id IN (SELECT personId FROM group_people WHERE groupId = :groupId))
  ORDER BY ${ORDERS[order]} LIMIT :from, :most`;
const ORDERS: Readonly<Record<PeopleOrder, string>> = {
  name: 'name',
  changed: 'updatedAt DESC, name',
  came: `(SELECT MAX(c.on) FROM class_people cp JOIN classes c ON c.id = cp.classId
    WHERE cp.personId = people.id AND c.removedAt IS NULL) DESC, name`,
};
const DOWN_FOR = `
  SELECT DISTINCT personId FROM class_people JOIN classes c ON c.id = classId
  WHERE c.hallId = :hallId AND c.removedAt IS NULL AND c.title LIKE :like AND c.on >= :from`;
/** A pattern for what holds some words as they are. */
const likeOf = (words: string): string => `%${words.replace(/[\\%_]/g, '\\$&')}%`;
/** Stands for nothing in a list that may not be empty. */
const NONE = [''];

@Injectable()
export class PersonRepository {
  constructor(
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(PropNoteRow) private readonly propNotes: typeof PropNoteRow,
    private readonly log: PersonLog,
    private readonly vault: Vault,
    private readonly transactions: Transactions,
    private readonly sequelize: Sequelize,
  ) {}

  /**
   * Which people's names hold some words, and some by id; in which version.
   */
  async found(
    { hallId }: RequestContext,
    words: string,
    { from, most, order = 'name', group }: Pick<PeopleQueryDto, 'from' | 'most' | 'order' | 'group'>,
    others: readonly string[] = [],
  ): Promise<Known[]> {
    return this.sequelize.query<Known>(FOUND(order), {
      replacements: {
        hallId,
        like: likeOf(words),
        from,
        most,
        others: others.length ? others : NONE,
        groupId: group ?? null,
      },
      type: QueryTypes.SELECT,
    });
  }

  /** Who is down for a class of which the title holds some words, from a day on: ids. */
  async downFor({ hallId }: RequestContext, words: string, from: string): Promise<string[]> {
    const rows = await this.sequelize.query<{ personId: string }>(DOWN_FOR, {
      replacements: { hallId, like: likeOf(words), from },
      type: QueryTypes.SELECT,
    });
    return rows.map(({ personId }) => personId);
  }

  /** Everybody of the hall, and in which version. */
  async everybody({ hallId }: RequestContext): Promise<Known[]> {
    return this.people.findAll({
      attributes: ['id', 'name', 'version'],
      where: { hallId },
      raw: true,
    });
  }

  /** Those of the hall that have one of these ids and can be read, in no order. */
  async withIds({ hallId }: RequestContext, ids: readonly string[]): Promise<PersonLineDto[]> {
    return this.log.linesOf(hallId, ids);
  }

  /** @throws NotFoundException @throws Unreadable */
  async one(context: RequestContext, id: string, transaction?: Transaction): Promise<PersonLineDto> {
    return this.log.lineOf(await this.find(context, id, [], transaction), transaction);
  }

  /** @throws NotFoundException */
  async nameOf(context: RequestContext, id: string): Promise<string> {
    return (await this.find(context, id, [])).name;
  }

  /** Whether somebody is in the list, readable or not. */
  async isThere({ hallId }: RequestContext, id: string): Promise<boolean> {
    return (await this.people.count({ where: { hallId, id } })) > 0;
  }

  /** @throws NotFoundException where somebody is not in the list */
  async there(context: RequestContext, id: string): Promise<void> {
    await this.find(context, id, []);
  }

  /** With what props worked. @throws NotFoundException @throws Unreadable */
  async withProps(context: RequestContext, id: string): Promise<PersonDto> {
    const row = await this.find(context, id, [PropNoteRow]);
    const propNotes = row.propNotes.map((note) => this.openNote(note));
    return { ...(await this.log.lineOf(row)), propNotes };
  }

  /** What props worked for some people, by whose they are. @throws Unreadable */
  async propNotesOf(
    { hallId }: RequestContext,
    ids: readonly string[],
  ): Promise<ReadonlyMap<string, PropNoteDto[]>> {
    const notes = new Map<string, PropNoteDto[]>(ids.map((id) => [id, []]));
    const rows = await this.propNotes.findAll({
      where: { personId: [...ids] },
      include: [{ model: PersonRow, attributes: [], where: { hallId }, required: true }],
    });
    for (const row of rows) notes.get(row.personId)!.push(this.openNote(row));
    return notes;
  }

  private openNote({ id, task, sealed }: PropNoteRow): PropNoteDto {
    return { task, ...openJson<object>(this.vault, SEALED.propNote, [id], sealed) } as PropNoteDto;
  }

  async named({ hallId }: RequestContext, name: string, except?: string): Promise<PersonRow | null> {
    return this.people.findOne({ where: { hallId, name, ...(except ? { id: { [Op.ne]: except } } : {}) } });
  }

  /** @param savedAt when it came to be known; now unless given */
  async create({ hallId, userId }: RequestContext, person: Person, savedAt?: Date): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      await this.makeRoom(hallId, person.name, transaction);
      const { id, version } = await this.people.create(
        { hallId, name: person.name, version: 1 },
        { transaction },
      );
      await this.log.keep(
        { personId: id, version, accountId: userId, ...(savedAt ? { savedAt } : {}) },
        writtenOf(person),
        transaction,
      );
      return { id, version };
    });
  }

  /**
   * @param savedAt when it came to be known; now unless given
   * @throws VersionConflict where it is no longer the version that was read
   */
  async update(
    context: RequestContext,
    id: string,
    person: Person,
    read: number,
    savedAt?: Date,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(context, id, transaction);
      if (row.version !== read) throw new VersionConflict(await this.one(context, id, transaction));
      await this.makeRoom(context.hallId, person.name, transaction);
      await row.update({ name: person.name, version: read + 1 }, { transaction });
      await this.log.keep(
        { personId: id, version: read + 1, accountId: context.userId, ...(savedAt ? { savedAt } : {}) },
        writtenOf(person),
        transaction,
      );
      return { id, version: read + 1 };
    });
  }

  async saveProp(
    context: RequestContext,
    id: string,
    { task, heightCm, words, on }: PropNoteDto,
  ): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const { id: personId } = await this.locked(context, id, transaction);
      await this.propNotes.destroy({ where: { personId, task }, transaction });
      const noteId = randomUUID();
      const sealed = sealJson(this.vault, SEALED.propNote, [noteId], { heightCm, words, on });
      await this.propNotes.create({ id: noteId, personId, task, sealed }, { transaction });
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
      if (!row || row.name === row.id)
        throw new NotFoundException('This person can no longer be brought back.');
      await row.restore({ transaction });
    });
  }

  /** Whoever was removed under a name leaves it to who takes it: she cannot be brought back under it. */
  private async makeRoom(hallId: string, name: string, transaction: Transaction): Promise<void> {
    const where = { hallId, name, removedAt: { [Op.ne]: null } };
    for (const row of await this.people.findAll({ where, paranoid: false, transaction }))
      await row.update({ name: row.id }, { transaction });
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
}

function found(row: PersonRow | null): PersonRow {
  if (!row) throw new NotFoundException('This person is not in the list.');
  return row;
}
