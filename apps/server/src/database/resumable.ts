import type { QueryInterface } from 'sequelize';

/**
 * A query interface that leaves out what is there already: MariaDB keeps each change to a table at once, so that a
 * migration that was broken off is simply run again.
 */
export function resumable(query: QueryInterface): QueryInterface {
  const addColumn: QueryInterface['addColumn'] = async (table, column, attribute) => {
    const there = await query.describeTable(table as string);
    if (!(column in there)) await query.addColumn(table, column, attribute);
  };
  const addIndex = async (table: string, columns: string[], options?: object): Promise<void> => {
    const there = (await query.showIndex(table)) as { fields: { attribute: string }[] }[];
    const isThere = there.some(({ fields }) => fields.map((one) => one.attribute).join() === columns.join());
    if (!isThere) await query.addIndex(table, columns, options);
  };
  return new Proxy(query, {
    get: (target, name) =>
      ({ addColumn, addIndex })[name as string] ?? (Reflect.get(target, name, target) as unknown),
  });
}
