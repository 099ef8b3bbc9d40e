import { DataTypes, type QueryInterface } from 'sequelize';

/** A change to the tables, and how to take it back. One that has landed is never edited. */
export interface Migration {
  name: string;
  up(query: QueryInterface): Promise<void>;
  down(query: QueryInterface): Promise<void>;
}

export const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false };
export const stamps = {
  createdAt: { type: DataTypes.DATE, allowNull: false },
  updatedAt: { type: DataTypes.DATE, allowNull: false },
};
export const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });
export const json = { type: DataTypes.TEXT('long'), allowNull: false };
export const belongsTo = (table: string) => ({
  type: DataTypes.UUID,
  allowNull: false,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
});

/** Takes columns away. Sequelize's own removeColumn fails on this driver's answer. */
export async function dropColumns(
  query: QueryInterface,
  columns: readonly (readonly [table: string, column: string])[],
): Promise<void> {
  for (const [table, column] of columns)
    await query.sequelize.query(`ALTER TABLE ${table} DROP COLUMN IF EXISTS ${column}`);
}
