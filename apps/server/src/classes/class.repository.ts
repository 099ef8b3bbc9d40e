import { randomUUID } from 'node:crypto';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Choices } from '@lotus-steady/core';
import { literal, Op, type Transaction } from 'sequelize';
import type { RequestContext } from '../common/context.js';
import { Transactions } from '../database/transactions.js';
import type { SavedDto } from '../common/problem.dto.js';
import { Vault } from '../common/vault.js';
import { StaleVersion } from '../common/versions.js';
import { placeIn, SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import type { ClassesQueryDto } from './class.dto.js';
import { openRecord, type RecordOfPerson } from './openRecord.js';
import { FITTING_FORMAT } from './packedFitting.js';
import type { KeptFitting } from './unpackedFitting.js';
import { ClassPersonRow, ClassRow, FittingRow, RecordRow, type ClassPerson } from './class.model.js';

/** What a class is, open to read. */
export interface ClassColumns extends Pick<
  ClassRow,
  'title' | 'on' | 'time' | 'place' | 'sequenceId' | 'groupId' | 'sequenceText' | 'houseView' | 'ownView'
> {
  people: ClassPerson[];
  choices: Choices;
}
export type FittingColumns = Pick<
  FittingRow,
  'rulebook' | 'catalogue' | 'format' | 'steps' | 'ownVariants' | 'fitting' | 'madeFrom'
>;

const NOT_THERE = 'This class is not in the list.';
/** So many of the next classes are on somebody's own page. */
const CLASSES_AHEAD = 3;

/** A class in the list. */
export type ClassLine = Pick<ClassRow, 'id' | 'title' | 'on' | 'time' | 'place' | 'groupId' | 'heads'> & {
  recorded: 0 | 1;
};
/** When and where a class is, and its plan: nothing of anybody. */
export type PlannedClass = Pick<
  ClassRow,
  'id' | 'title' | 'on' | 'time' | 'place' | 'sequenceText' | 'version'
> & { updatedAt: Date };

/** A class as it is kept. */
export interface BareKeptClass extends ClassColumns {
  id: string;
  version: number;
}

/** With its fitting, but for what that was made from; with none where there is none. */
export interface FittedKeptClass extends BareKeptClass {
  fitting: Pick<FittingColumns, 'format' | 'steps' | 'fitting'> | null;
}

/** And with how it was. */
export interface KeptClass extends FittedKeptClass {
  records: RecordOfPerson[];
}

@Injectable()
export class ClassRepository {
  constructor(
    @InjectModel(ClassRow) private readonly classes: typeof ClassRow,
    @InjectModel(FittingRow) private readonly fittings: typeof FittingRow,
    @InjectModel(ClassPersonRow) private readonly people: typeof ClassPersonRow,
    private readonly vault: Vault,
    private readonly transactions: Transactions,
  ) {}

  /**
   * A part of the classes of the hall, with no more than the list shows.
   *
   * @param today `YYYY-MM-DD`, where the hall is
   */
  async lines(
    { hallId }: RequestContext,
    { when, from, most, first, last, place, group }: ClassesQueryDto,
    today: string,
  ): Promise<ClassLine[]> {
    const recorded = literal('EXISTS (SELECT 1 FROM records WHERE records.classId = ClassRow.id)');
    const way = when === 'past' ? 'DESC' : 'ASC';
    const days = { coming: { [Op.gte]: today }, past: { [Op.lt]: today } };
    return (await this.classes.findAll({
      attributes: ['id', 'title', 'on', 'time', 'place', 'groupId', 'heads', [recorded, 'recorded']],
      where: {
        hallId,
        ...(place ? { place } : {}),
        ...(group ? { groupId: group } : {}),
        on: {
          [Op.and]: [
            ...(when ? [days[when]] : []),
            ...(first ? [{ [Op.gte]: first }] : []),
            ...(last ? [{ [Op.lte]: last }] : []),
          ],
        },
      },
      order: [
        ['on', way],
        ['time', way],
        ['id', way],
      ],
      offset: from,
      limit: most,
      raw: true,
    })) as unknown as ClassLine[];
  }

  /** Classes of some days: when and where they are, and their plans. @param first, last `YYYY-MM-DD` */
  async between(
    { hallId }: Pick<RequestContext, 'hallId'>,
    first: string,
    last: string,
  ): Promise<PlannedClass[]> {
    const rows = await this.classes.findAll({
      attributes: ['id', 'title', 'on', 'time', 'place', 'sequenceText', 'version', 'updatedAt'],
      where: { hallId, on: { [Op.between]: [first, last] } },
      order: [
        ['on', 'ASC'],
        ['time', 'ASC'],
      ],
    });
    return rows.map(({ id, title, on, time, place, sequenceText, version, updatedAt }) => ({
      ...{ id, title, on, time, place, sequenceText, version },
      updatedAt: updatedAt as Date,
    }));
  }

  /** The next classes that have a fitting and that somebody is down for. @param today `YYYY-MM-DD` */
  async comingFor({ hallId }: RequestContext, personId: string, today: string): Promise<FittedKeptClass[]> {
    const fitting = { model: FittingRow, attributes: { exclude: ['madeFrom'] }, required: true };
    const isDown = literal(
      'EXISTS (SELECT 1 FROM class_people p WHERE p.classId = ClassRow.id AND p.personId = :personId)',
    );
    const rows = await this.classes.findAll({
      where: { [Op.and]: [{ hallId, on: { [Op.gte]: today } }, isDown] },
      replacements: { personId },
      include: [fitting],
      order: [
        ['on', 'ASC'],
        ['time', 'ASC'],
      ],
      limit: CLASSES_AHEAD,
    });
    return rows.map((row) => this.withFitting(row));
  }

  /** Without fitting and records. @throws NotFoundException @throws Unreadable */
  async bare({ hallId }: RequestContext, id: string): Promise<BareKeptClass> {
    return this.opened(found(await this.classes.findOne({ where: { hallId, id } })));
  }

  /** @throws NotFoundException for a class that the hall does not have */
  async there({ hallId }: RequestContext, id: string, transaction?: Transaction): Promise<void> {
    if (!(await this.classes.count({ where: { hallId, id }, ...(transaction ? { transaction } : {}) })))
      throw new NotFoundException(NOT_THERE);
  }

  /** Which version it is in. @throws NotFoundException */
  async versionOf({ hallId }: RequestContext, id: string): Promise<number> {
    const query = { attributes: ['version'], where: { hallId, id }, raw: true };
    return found(await this.classes.findOne(query)).version;
  }

  /** With fitting, but for what that was made from, and records. @throws NotFoundException @throws Unreadable */
  async whole({ hallId }: RequestContext, id: string): Promise<KeptClass> {
    const fitting = { model: FittingRow, attributes: { exclude: ['madeFrom'] } };
    // Joined, each record would bring the fitting once more.
    const records = { model: RecordRow, separate: true };
    const row = found(await this.classes.findOne({ where: { hallId, id }, include: [fitting, records] }));
    return {
      ...this.withFitting(row),
      records: row.records.map((record) => openRecord(this.vault, record)),
    };
  }

  async create(
    { hallId }: RequestContext,
    columns: ClassColumns,
    fitting: FittingColumns,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const id = randomUUID();
      await this.classes.create({ id, hallId, version: 1, ...this.sealed(id, columns) }, { transaction });
      await this.keep(id, columns, fitting, transaction);
      return { id, version: 1 };
    });
  }

  /**
   * Keeps a class with its fitting, in one piece, on the version that was read.
   *
   * @throws StaleVersion where it is no longer the one that was read
   */
  async update(
    { hallId }: RequestContext,
    id: string,
    columns: ClassColumns,
    fitting: FittingColumns,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(hallId, id, transaction);
      if (row.version !== read) throw new StaleVersion();
      await row.update({ ...this.sealed(id, columns), version: read + 1 }, { transaction });
      await this.keep(id, columns, fitting, transaction);
      return { id, version: read + 1 };
    });
  }

  /** @throws StaleVersion as {@link update} does */
  async saveSequence(
    { hallId }: RequestContext,
    id: string,
    sequenceId: string,
    read: number,
  ): Promise<SavedDto> {
    return this.transactions.run(async (transaction) => {
      const row = await this.locked(hallId, id, transaction);
      if (row.version !== read) throw new StaleVersion();
      await row.update({ sequenceId, version: read + 1 }, { transaction });
      return { id, version: read + 1 };
    });
  }

  /** Removes a class; {@link restore} brings it back for a while. */
  async remove(context: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      await (await this.locked(context.hallId, id, transaction)).destroy({ transaction });
    });
  }

  /** @throws NotFoundException where no class of that id was removed, or too long ago */
  async restore({ hallId }: RequestContext, id: string): Promise<void> {
    await this.transactions.run(async (transaction) => {
      const row = await this.classes.findOne({ where: { hallId, id }, paranoid: false, transaction });
      await found(row).restore({ transaction });
    });
  }

  /** The classes of a hall that somebody is or was down for, removed ones too: ids. */
  async idsWith(hallId: string, personId: string): Promise<string[]> {
    const rows = await this.people.findAll({ attributes: ['classId'], where: { personId }, raw: true });
    const ids = rows.map(({ classId }) => classId);
    const of = { hallId, id: { [Op.in]: ids } };
    const classes = await this.classes.findAll({ attributes: ['id'], where: of, paranoid: false, raw: true });
    return classes.map(({ id }) => id);
  }

  /**
   * Takes somebody out of a class and of what was fitted, as if she had never been down for it.
   *
   * @param strip takes her out of a fitting
   * @throws Unreadable where the class does not open
   */
  async withoutPerson(
    hallId: string,
    id: string,
    personId: string,
    strip: (kept: {
      kept: KeptFitting;
      madeFrom: Uint8Array;
      personId: string;
    }) => Promise<{ fitting: Uint8Array; madeFrom: Uint8Array }>,
  ): Promise<void> {
    await this.transactions.apart(async (transaction) => {
      const row = found(
        await this.classes.findOne({
          where: { hallId, id },
          paranoid: false,
          transaction,
          lock: transaction.LOCK.UPDATE,
        }),
      );
      const { people, choices, ...columns } = this.opened(row);
      const others = people.filter((one) => one.id !== personId);
      const overrides = choices.overrides.filter((one) => one.personId !== personId);
      const without = this.sealed(id, { ...columns, people: others, choices: { ...choices, overrides } });
      await row.update({ ...without, version: row.version + 1 }, { transaction });
      await this.people.destroy({ where: { classId: id, personId }, transaction });
      const fitting = await this.fittings.findOne({ where: { classId: id }, transaction });
      if (!fitting) return;
      const kept = {
        bytes: this.vault.openBytes(fitting.fitting, placeIn(SEALED.fitting, fitting.id)),
        format: fitting.format,
        people: people.map((one) => ({ id: one.id, name: one.name })),
      };
      const madeFrom = this.vault.openBytes(fitting.madeFrom, placeIn(SEALED.madeFrom, fitting.id));
      const done = await strip({ kept, madeFrom, personId });
      await fitting.update(
        {
          format: FITTING_FORMAT,
          fitting: this.vault.sealBytes(Buffer.from(done.fitting), placeIn(SEALED.fitting, fitting.id)),
          madeFrom: this.vault.sealBytes(Buffer.from(done.madeFrom), placeIn(SEALED.madeFrom, fitting.id)),
        },
        { transaction },
      );
    });
  }

  /** Forgets that somebody was down for a class that does not open. */
  async notDown(classId: string, personId: string): Promise<void> {
    await this.people.destroy({ where: { classId, personId } });
  }

  /**
   * Raises the version of a class in somebody else's transaction: nobody else changes it until that ends.
   *
   * @throws StaleVersion as {@link update} does @throws NotFoundException
   */
  async raise(
    { hallId }: RequestContext,
    id: string,
    read: number,
    transaction: Transaction,
  ): Promise<SavedDto> {
    const row = await this.locked(hallId, id, transaction);
    if (row.version !== read) throw new StaleVersion();
    await row.update({ version: read + 1 }, { transaction });
    return { id, version: read + 1 };
  }

  /** The columns of a class, with what is private sealed for it. */
  private sealed(id: string, { people, choices, ...columns }: ClassColumns) {
    return {
      ...columns,
      people: sealJson(this.vault, SEALED.classPeople, [id], people),
      choices: sealJson(this.vault, SEALED.classChoices, [id], choices),
      heads: people.length,
    };
  }

  /** Who is down for a class and what was fitted, in place of what was kept before. */
  private async keep(
    classId: string,
    { people }: ClassColumns,
    { fitting, madeFrom, ...columns }: FittingColumns,
    transaction: Transaction,
  ): Promise<void> {
    await this.people.destroy({ where: { classId }, transaction });
    await this.people.bulkCreate(
      people.map(({ id: personId, version }) => ({ classId, personId, version })),
      { transaction },
    );
    await this.fittings.destroy({ where: { classId }, transaction });
    const id = randomUUID();
    const sealed = {
      fitting: this.vault.sealBytes(fitting, placeIn(SEALED.fitting, id)),
      madeFrom: this.vault.sealBytes(madeFrom, placeIn(SEALED.madeFrom, id)),
    };
    await this.fittings.create({ id, classId, ...columns, ...sealed }, { transaction });
  }

  private opened(row: ClassRow): BareKeptClass {
    const { id, title, on, time, place, sequenceId, groupId, sequenceText, houseView, ownView, version } =
      row;
    return {
      ...{ id, title, on, time, place, sequenceId, groupId, sequenceText, houseView, ownView, version },
      people: openJson(this.vault, SEALED.classPeople, [id], row.people),
      choices: openJson(this.vault, SEALED.classChoices, [id], row.choices),
    };
  }

  private withFitting(row: ClassRow): FittedKeptClass {
    if (!row.fitting) return { ...this.opened(row), fitting: null };
    const { id, format, steps, fitting } = row.fitting;
    return {
      ...this.opened(row),
      fitting: { format, steps, fitting: this.vault.openBytes(fitting, placeIn(SEALED.fitting, id)) },
    };
  }

  private async locked(hallId: string, id: string, transaction: Transaction): Promise<ClassRow> {
    return found(
      await this.classes.findOne({ where: { hallId, id }, transaction, lock: transaction.LOCK.UPDATE }),
    );
  }
}

function found(row: ClassRow | null): ClassRow {
  if (!row) throw new NotFoundException(NOT_THERE);
  return row;
}
