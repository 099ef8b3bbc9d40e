import { DataTypes } from 'sequelize';
import { dropColumns, type Migration } from '../migration.js';

const COUNTED = [
  ['classes', 'version'],
  ['people', 'version'],
  ['halls', 'version'],
  ['halls', 'stockVersion'],
] as const;

/** What several people may edit counts its versions: the later of two does not overwrite the earlier. */
export const migration: Migration = {
  name: '0008-versions',
  async up(query) {
    for (const [table, column] of COUNTED)
      await query.addColumn(table, column, { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 });
  },
  async down(query) {
    await dropColumns(query, COUNTED);
  },
};
