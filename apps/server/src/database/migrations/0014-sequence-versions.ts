import { DataTypes } from 'sequelize';
import { dropColumns, type Migration } from '../migration.js';

/** A sequence counts its versions, as all else that several people may change. */
export const migration: Migration = {
  name: '0014-sequence-versions',
  async up(query) {
    await query.addColumn('sequences', 'version', {
      type: DataTypes.INTEGER,
      allowNull: false,
      defaultValue: 1,
    });
  },
  async down(query) {
    await dropColumns(query, [['sequences', 'version']]);
  },
};
