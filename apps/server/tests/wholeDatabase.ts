/** Everything that is in a database, as somebody would see it who has stolen it. */
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';

/** Rows as the database has them. */
export const rowsOf = <T extends object>(
  sequelize: Sequelize,
  sql: string,
  replacements: unknown[] = [],
): Promise<T[]> => sequelize.query<T>(sql, { type: QueryTypes.SELECT, replacements });

export interface Column {
  table: string;
  column: string;
  type: string;
}

export const columnsOf = (sequelize: Sequelize): Promise<Column[]> =>
  sequelize.query<Column>(
    'SELECT TABLE_NAME `table`, COLUMN_NAME `column`, DATA_TYPE type FROM information_schema.COLUMNS ' +
      'WHERE TABLE_SCHEMA = DATABASE() ORDER BY TABLE_NAME, COLUMN_NAME',
    { type: QueryTypes.SELECT },
  );

/** Every value of every table, by `table.column`; bytes as letters. @param but tables that are left out */
export async function wholeDatabase(
  sequelize: Sequelize,
  but: readonly string[] = [],
): Promise<Record<string, string>> {
  const columns = await columnsOf(sequelize);
  const all: Record<string, string> = {};
  for (const table of new Set(columns.map((one) => one.table))) {
    if (but.includes(table)) continue;
    const rows = await sequelize.query<Record<string, unknown>>(`SELECT * FROM \`${table}\``, {
      type: QueryTypes.SELECT,
    });
    for (const { column } of columns.filter((one) => one.table === table))
      all[`${table}.${column}`] = rows
        .map((row) => {
          const value = row[column];
          return Buffer.isBuffer(value) ? value.toString('latin1') : String(value);
        })
        .join('\n');
  }
  return all;
}
