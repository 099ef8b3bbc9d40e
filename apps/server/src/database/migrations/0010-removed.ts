import { DataTypes } from 'sequelize';
import { dropColumns, type Migration } from '../migration.js';

const TABLES = ['people', 'classes', 'own_variants'];

/** What is removed can be brought back for a while. */
export const migration: Migration = {
  name: '0010-removed',
  async up(query) {
    for (const table of TABLES) await query.addColumn(table, 'removedAt', { type: DataTypes.DATE });
  },
  async down(query) {
    for (const table of TABLES)
      await query.sequelize.query(`DELETE FROM ${table} WHERE removedAt IS NOT NULL`);
    await dropColumns(
      query,
      TABLES.map((table) => [table, 'removedAt'] as const),
    );
  },
};
