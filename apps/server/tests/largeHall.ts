/** A hall as it is after years: many people, many classes that were recorded, each with its own fitting. */
import { randomUUID } from 'node:crypto';
import { addDays, formatISO, parseISO } from 'date-fns';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { Vault } from '../src/common/vault.js';
import { placeIn, SEALED, type SealedColumn } from '../src/store/sealedColumns.js';
import { openJson, sealJson } from '../src/store/sealedJson.js';

type Row = Record<string, unknown> & { id: string };

export interface LargeHall {
  people: number;
  weeks: number;
  /** In a week: {@link regular} comes to the first two of them. */
  classes: number;
  /** In a class. */
  each: number;
}

/** How long ago a class was of which there is one a week. */
const WEEK = 7;
/** A fitting is large, and a database takes so much at once. */
const ROWS_AT_ONCE = 40;

/**
 * Copies one class that was recorded, as often as is asked, into the weeks before its own, for people of whom each is
 * a copy of one who was in it.
 *
 * @returns somebody who came to two classes in each week
 */
export async function fillHall(
  sequelize: Sequelize,
  vault: Vault,
  classId: string,
  { people, weeks, classes, each }: LargeHall,
): Promise<string> {
  const rows = (table: string, column: string, value: string): Promise<Row[]> =>
    sequelize.query(`SELECT * FROM ${table} WHERE ${column} = ?`, {
      type: QueryTypes.SELECT,
      replacements: [value],
    });
  const put = async (table: string, all: readonly object[]): Promise<void> => {
    for (let from = 0; from < all.length; from += ROWS_AT_ONCE)
      await sequelize.getQueryInterface().bulkInsert(table, all.slice(from, from + ROWS_AT_ONCE));
  };
  const json = (column: SealedColumn, place: readonly (string | number)[], sealed: unknown): object =>
    openJson(vault, column, place, sealed as string);
  const [pattern] = await rows('classes', 'id', classId);
  const [fitting] = await rows('fittings', 'classId', classId);
  const bytesOf = (column: 'fitting' | 'madeFrom'): Buffer =>
    vault.openBytes(fitting![column] as Buffer, placeIn(SEALED[column], fitting!.id));
  const [open, madeFrom] = [bytesOf('fitting'), bytesOf('madeFrom')];
  const records = (await rows('records', 'classId', classId)).map((record) => ({
    record,
    written: json(SEALED.record, [record.id], record.sealed),
  }));
  const [known] = await rows('people', 'id', records[0]!.record.personId as string);
  const [version] = await rows('person_versions', 'personId', known!.id);
  const written = json(SEALED.person, [known!.id, version!.version as number], version!.sealed);
  const ids = Array.from({ length: people }, (): string => randomUUID());
  const nameOf = (i: number): string => `Old ${String(i + 1).padStart(4, '0')}`;
  await put(
    'people',
    ids.map((id, i) => ({ ...known, id, name: nameOf(i), version: 1 })),
  );
  await put(
    'person_versions',
    ids.map((personId, i) => ({
      ...version,
      ...{ id: randomUUID(), personId, version: 1 },
      sealed: sealJson(vault, SEALED.person, [personId, 1], { ...written, name: nameOf(i) }),
    })),
  );
  const days = Array.from({ length: weeks * classes }, (_, i) => ({
    id: randomUUID(),
    on: addDays(parseISO(pattern!.on as string), -WEEK * (1 + Math.floor(i / classes)) + (i % classes)),
    people: Array.from({ length: each }, (_none, seat) =>
      seat === 0 && i % classes < 2 ? ids[0]! : ids[1 + ((i * each + seat) % (people - 1))]!,
    ),
  }));
  const sealedPeople = (id: string, down: readonly string[]): string =>
    sealJson(
      vault,
      SEALED.classPeople,
      [id],
      down.map((personId) => ({ id: personId, name: nameOf(ids.indexOf(personId)), version: 1, today: {} })),
    );
  await put(
    'classes',
    days.map(({ id, on, people: down }) => ({
      ...pattern,
      ...{ id, on: formatISO(on, { representation: 'date' }), heads: each, people: sealedPeople(id, down) },
      choices: sealJson(
        vault,
        SEALED.classChoices,
        [id],
        json(SEALED.classChoices, [classId], pattern!.choices),
      ),
    })),
  );
  await put(
    'fittings',
    days.map(({ id: of }) => {
      const id = randomUUID();
      const sealed = (column: 'fitting' | 'madeFrom', value: Buffer): Buffer =>
        vault.sealBytes(value, placeIn(SEALED[column], id));
      return {
        ...fitting,
        ...{ id, classId: of, fitting: sealed('fitting', open), madeFrom: sealed('madeFrom', madeFrom) },
      };
    }),
  );
  await put(
    'class_people',
    days.flatMap(({ id, people: down }) => down.map((personId) => ({ classId: id, personId, version: 1 }))),
  );
  await put(
    'records',
    days.flatMap(({ id: of, people: down }) =>
      down.map((personId, i) => {
        const id = randomUUID();
        const { record, written: how } = records[i % records.length]!;
        return { ...record, id, classId: of, personId, sealed: sealJson(vault, SEALED.record, [id], how) };
      }),
    ),
  );
  return ids[0]!;
}
