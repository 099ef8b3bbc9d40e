import { randomUUID } from 'node:crypto';
import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize';
import { Unreadable, type Vault } from '../../common/vault.js';
import { belongsTo, dropColumns, id, stamps, text } from '../migration.js';
import type { SealingMigration } from '../sealingMigration.js';

type Row = Record<string, string | number | Buffer | null>;
type Values = readonly (string | number | Buffer | null)[];

const select = <T extends object = Row>(
  query: QueryInterface,
  sql: string,
  replacements: Values = [],
): Promise<T[]> =>
  query.sequelize.query<T>(sql, { type: QueryTypes.SELECT, replacements: replacements as unknown[] });
const change = async (query: QueryInterface, sql: string, replacements: Values = []): Promise<void> => {
  await query.sequelize.query(sql, { replacements: replacements as unknown[] });
};
/** The ids of a table: rows are read one at a time, for all of them may be large. */
const idsOf = async (query: QueryInterface, table: string, where = '1'): Promise<string[]> =>
  (await select<{ id: string }>(query, `SELECT id FROM ${table} WHERE ${where}`)).map((row) => row.id);
const read = async (query: QueryInterface, sql: string, rowId: string): Promise<Row> =>
  (await select(query, sql, [rowId]))[0]!;

/** What opens, and nothing where it was not sealed for this place. */
function opened<T>(open: () => T): T | undefined {
  try {
    return open();
  } catch (error) {
    if (error instanceof Unreadable) return undefined;
    throw error;
  }
}

const JSON_COLUMNS = {
  can: '{}',
  ranges: '{}',
  screening: '{}',
  limits: '[]',
  clearances: '[]',
  intake: '{}',
};
const OWN_COLUMNS = ['born', 'sex', 'pronoun', 'heightCm', 'weightKg', ...Object.keys(JSON_COLUMNS)];
const COLUMNS = ['name', ...OWN_COLUMNS];
const SEALED_RECORD = ['painBefore', 'painAfter', 'changes', 'word'];
const SEALED_NOTE = ['heightCm', 'words', '`on`'];

const personPlace = (personId: string, version: number): string =>
  `person_versions:sealed:${personId}:${version}`;
const earlierPlace = (rowId: string): string => `person_versions:sealed:${rowId}`;

/** Somebody out of the columns of before, as they are written down. */
async function writtenOf(query: QueryInterface, personId: string): Promise<object> {
  const row = await read(
    query,
    `SELECT ${COLUMNS.map((one) => `\`${one}\``).join()} FROM people WHERE id = ?`,
    personId,
  );
  const conditions = await select<{ condition: string; details: string }>(
    query,
    'SELECT `condition`, details FROM person_conditions WHERE personId = ? ORDER BY position',
    [personId],
  );
  return {
    ...Object.fromEntries(
      COLUMNS.filter((column) => row[column] !== null).map((column) => [
        column,
        column in JSON_COLUMNS ? (JSON.parse(row[column] as string) as unknown) : row[column],
      ]),
    ),
    conditions: conditions.map(({ condition, details }) => ({
      condition,
      ...(JSON.parse(details) as object),
    })),
  };
}

async function sealPeople(query: QueryInterface, vault: Vault): Promise<void> {
  type Version = { id: string; personId: string; version: number; sealed: string };
  for (const rowId of await idsOf(query, 'person_versions')) {
    const row = (await read(
      query,
      'SELECT id, personId, version, sealed FROM person_versions WHERE id = ?',
      rowId,
    )) as unknown as Version;
    const text = opened(() => vault.open(row.sealed, earlierPlace(rowId)));
    if (text !== undefined)
      await change(query, 'UPDATE person_versions SET sealed = ? WHERE id = ?', [
        vault.seal(text, personPlace(row.personId, row.version)),
        rowId,
      ]);
  }
  // Columns go when everybody is sealed.
  const there = await query.describeTable('people');
  if (!OWN_COLUMNS.every((column) => column in there)) return;
  for (const personId of await idsOf(query, 'people')) {
    const { version, updatedAt } = (await read(
      query,
      'SELECT version, updatedAt FROM people WHERE id = ?',
      personId,
    )) as { version: number; updatedAt: string };
    const sealed = vault.seal(
      JSON.stringify(await writtenOf(query, personId)),
      personPlace(personId, version),
    );
    await change(
      query,
      'INSERT INTO person_versions (id, personId, version, sealed, savedAt) VALUES (?, ?, ?, ?, ?) ' +
        'ON DUPLICATE KEY UPDATE sealed = VALUES(sealed)',
      [randomUUID(), personId, version, sealed, updatedAt],
    );
  }
}

interface Before {
  id: string;
  person: { name: string };
  today: object;
}
interface After {
  id: string;
  name: string;
  version: number;
  today: object;
}

/** The version that somebody was in at a moment, or the first that is kept. */
async function versionAt(query: QueryInterface, personId: string, at: string): Promise<number> {
  const [row] = await select<{ version: number }>(
    query,
    'SELECT version FROM person_versions WHERE personId = ? ORDER BY savedAt <= ? DESC, ' +
      'IF(savedAt <= ?, -version, version) LIMIT 1',
    [personId, at, at],
  );
  return row?.version ?? 1;
}

async function sealClasses(query: QueryInterface, vault: Vault): Promise<void> {
  for (const classId of await idsOf(query, 'classes', "people LIKE '[%'")) {
    const row = (await read(
      query,
      'SELECT people, choices, updatedAt FROM classes WHERE id = ?',
      classId,
    )) as {
      people: string;
      choices: string;
      updatedAt: string;
    };
    const people: After[] = [];
    for (const { id: personId, person, today } of JSON.parse(row.people) as Before[]) {
      const version = await versionAt(query, personId, row.updatedAt);
      people.push({ id: personId, name: person.name, version, today });
      await change(query, 'INSERT IGNORE INTO class_people (classId, personId, version) VALUES (?, ?, ?)', [
        classId,
        personId,
        version,
      ]);
    }
    await change(query, 'UPDATE classes SET people = ?, choices = ? WHERE id = ?', [
      vault.seal(JSON.stringify(people), `classes:people:${classId}`),
      vault.seal(row.choices, `classes:choices:${classId}`),
      classId,
    ]);
  }
}

async function openClasses(query: QueryInterface, vault: Vault): Promise<void> {
  for (const classId of await idsOf(query, 'classes', "people LIKE 'v1.%'")) {
    const row = (await read(query, 'SELECT people, choices FROM classes WHERE id = ?', classId)) as {
      people: string;
      choices: string;
    };
    const people = JSON.parse(vault.open(row.people, `classes:people:${classId}`)) as After[];
    const before: Before[] = [];
    for (const { id: personId, name, version, today } of people) {
      const [found] = await select<{ sealed: string }>(
        query,
        'SELECT sealed FROM person_versions WHERE personId = ? AND version = ?',
        [personId, version],
      );
      const written = found
        ? (JSON.parse(vault.open(found.sealed, personPlace(personId, version))) as object)
        : {};
      before.push({ id: personId, person: { ...written, name }, today });
    }
    await change(query, 'UPDATE classes SET people = ?, choices = ? WHERE id = ?', [
      JSON.stringify(before),
      vault.open(row.choices, `classes:choices:${classId}`),
      classId,
    ]);
  }
}

/** Columns of a table as one sealed text, `sealed`. */
async function sealRows(
  query: QueryInterface,
  vault: Vault,
  table: string,
  columns: readonly string[],
): Promise<void> {
  await change(query, `ALTER TABLE ${table} ADD COLUMN IF NOT EXISTS sealed LONGTEXT`);
  for (const rowId of await idsOf(query, table, 'sealed IS NULL')) {
    const row = await read(query, `SELECT ${columns.join()} FROM ${table} WHERE id = ?`, rowId);
    const value = 'changes' in row ? { ...row, changes: JSON.parse(row.changes as string) as unknown } : row;
    await change(query, `UPDATE ${table} SET sealed = ? WHERE id = ?`, [
      vault.seal(JSON.stringify(value), `${table}:sealed:${rowId}`),
      rowId,
    ]);
  }
  await change(query, `ALTER TABLE ${table} MODIFY sealed LONGTEXT NOT NULL`);
  await dropColumns(
    query,
    columns.map((column) => [table, column] as const),
  );
}

async function openRows(
  query: QueryInterface,
  vault: Vault,
  table: string,
  columns: Readonly<Record<string, string>>,
): Promise<void> {
  for (const [column, type] of Object.entries(columns))
    await change(query, `ALTER TABLE ${table} ADD COLUMN IF NOT EXISTS ${column} ${type}`);
  for (const rowId of await idsOf(query, table)) {
    const { sealed } = (await read(query, `SELECT sealed FROM ${table} WHERE id = ?`, rowId)) as {
      sealed: string;
    };
    const value = JSON.parse(vault.open(sealed, `${table}:sealed:${rowId}`)) as Row;
    const names = Object.keys(columns);
    await change(query, `UPDATE ${table} SET ${names.map((name) => `${name} = ?`).join()} WHERE id = ?`, [
      ...names.map((name) => {
        const one = value[name.replaceAll('`', '')] ?? null;
        return name === 'changes' ? JSON.stringify(one) : one;
      }),
      rowId,
    ]);
  }
  await dropColumns(query, [[table, 'sealed']]);
}

/** Whether a fitting is sealed is told by whether it opens: bytes of before may begin with anything. */
async function turnFittings(
  query: QueryInterface,
  turn: (bytes: Buffer, place: string) => Buffer | undefined,
): Promise<void> {
  for (const rowId of await idsOf(query, 'fittings')) {
    const row = (await read(query, 'SELECT fitting, madeFrom FROM fittings WHERE id = ?', rowId)) as {
      fitting: Buffer;
      madeFrom: Buffer;
    };
    const fitting = turn(row.fitting, `fittings:fitting:${rowId}`);
    const madeFrom = turn(row.madeFrom, `fittings:madeFrom:${rowId}`);
    if (fitting && madeFrom)
      await change(query, 'UPDATE fittings SET fitting = ?, madeFrom = ? WHERE id = ?', [
        fitting,
        madeFrom,
        rowId,
      ]);
  }
}

/** Written anew: columns that MariaDB only hides when they are dropped would count towards the largest row for ever. */
const rebuildPeople = (query: QueryInterface, changes: readonly string[]): Promise<void> =>
  change(query, `ALTER TABLE people ${[...changes, 'FORCE'].join()}, ALGORITHM=COPY`);

async function openPeople(query: QueryInterface, vault: Vault): Promise<void> {
  const types: Record<string, string> = {
    born: 'DATE',
    sex: 'VARCHAR(10)',
    pronoun: 'VARCHAR(10)',
    heightCm: 'FLOAT NOT NULL DEFAULT 0',
    weightKg: 'FLOAT',
  };
  const added = OWN_COLUMNS.map((column) => {
    const usual = JSON_COLUMNS[column as keyof typeof JSON_COLUMNS];
    const type = usual ? `LONGTEXT NOT NULL DEFAULT '${usual}'` : types[column]!;
    return `ADD COLUMN IF NOT EXISTS ${column} ${type}`;
  });
  await rebuildPeople(query, added);
  await query.createTable('person_conditions', {
    id,
    personId: belongsTo('people'),
    condition: text(80),
    details: { type: DataTypes.TEXT('long'), allowNull: false },
    position: { type: DataTypes.INTEGER, allowNull: false },
    ...stamps,
  });
  await change(
    query,
    'ALTER TABLE person_conditions ADD UNIQUE INDEX IF NOT EXISTS ' +
      'person_conditions_person_id_condition (personId, `condition`)',
  );
  const rows = await select<{ id: string; version: number; sealed: string }>(
    query,
    'SELECT p.id, p.version, v.sealed FROM people p ' +
      'JOIN person_versions v ON v.personId = p.id AND v.version = p.version',
  );
  for (const { id: personId, version, sealed } of rows) {
    const written = JSON.parse(vault.open(sealed, personPlace(personId, version))) as Record<string, unknown>;
    await change(
      query,
      `UPDATE people SET ${OWN_COLUMNS.map((column) => `${column} = ?`).join()} WHERE id = ?`,
      [
        ...OWN_COLUMNS.map((column) => {
          const usual = JSON_COLUMNS[column as keyof typeof JSON_COLUMNS];
          const value = written[column];
          if (!usual) return (value ?? null) as string | number | null;
          return value === undefined ? usual : JSON.stringify(value);
        }),
        personId,
      ],
    );
    await change(query, 'DELETE FROM person_conditions WHERE personId = ?', [personId]);
    const conditions = (written.conditions ?? []) as { condition: string }[];
    for (const [position, { condition, ...details }] of conditions.entries())
      await change(
        query,
        'INSERT INTO person_conditions (id, personId, `condition`, details, position, createdAt, updatedAt) ' +
          'VALUES (?, ?, ?, ?, ?, NOW(), NOW())',
        [randomUUID(), personId, condition, JSON.stringify(details), position],
      );
  }
  for (const rowId of await idsOf(query, 'person_versions')) {
    const row = (await read(
      query,
      'SELECT personId, version, sealed FROM person_versions WHERE id = ?',
      rowId,
    )) as { personId: string; version: number; sealed: string };
    const written = opened(() => vault.open(row.sealed, personPlace(row.personId, row.version)));
    if (written !== undefined)
      await change(query, 'UPDATE person_versions SET sealed = ? WHERE id = ?', [
        vault.seal(written, earlierPlace(rowId)),
        rowId,
      ]);
  }
}

/**
 * What is known of people is in one place, sealed, in versions; classes refer to those, and what classes came to is
 * sealed with them. Every step can be done again: a run that was broken off is gone on with.
 */
export const migration: SealingMigration = {
  name: '0021-one-health-store',
  async up(query, vault) {
    await query.createTable('class_people', {
      classId: { ...belongsTo('classes'), primaryKey: true },
      personId: { type: DataTypes.UUID, allowNull: false, primaryKey: true },
      version: { type: DataTypes.INTEGER, allowNull: false },
    });
    await query.addIndex('class_people', ['personId']);
    await sealPeople(query, vault);
    await sealClasses(query, vault);
    await turnFittings(query, (bytes, place) =>
      opened(() => vault.openBytes(bytes, place)) ? undefined : vault.sealBytes(bytes, place),
    );
    await sealRows(query, vault, 'records', SEALED_RECORD);
    await sealRows(query, vault, 'prop_notes', SEALED_NOTE);
    await rebuildPeople(
      query,
      OWN_COLUMNS.map((column) => `DROP COLUMN IF EXISTS ${column}`),
    );
    await change(query, 'DROP TABLE IF EXISTS person_conditions');
  },
  async down(query, vault) {
    await openClasses(query, vault);
    await openPeople(query, vault);
    await turnFittings(query, (bytes, place) => opened(() => vault.openBytes(bytes, place)));
    await openRows(query, vault, 'prop_notes', {
      heightCm: 'FLOAT NOT NULL DEFAULT 0',
      words: "VARCHAR(300) NOT NULL DEFAULT ''",
      '`on`': "DATE NOT NULL DEFAULT '2000-01-01'",
    });
    await openRows(query, vault, 'records', {
      painBefore: 'INT',
      painAfter: 'INT',
      changes: "LONGTEXT NOT NULL DEFAULT '[]'",
      word: "TEXT NOT NULL DEFAULT ''",
    });
    await query.dropTable('class_people');
  },
};
