import { DataTypes } from 'sequelize';
import { dropColumns, type Migration } from '../migration.js';

/** How people want to be spoken of; not said for those who are known already. */
export const migration: Migration = {
  name: '0011-pronouns',
  async up(query) {
    await query.addColumn('people', 'pronoun', { type: DataTypes.STRING(10) });
  },
  async down(query) {
    await dropColumns(query, [['people', 'pronoun']]);
  },
};
