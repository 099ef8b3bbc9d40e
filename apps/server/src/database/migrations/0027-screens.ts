import { DataTypes } from 'sequelize';
import { belongsTo, json, type Migration } from '../migration.js';

/** What stands on a teacher's screen for the class. */
export const migration: Migration = {
  name: '0027-screens',
  async up(query) {
    await query.createTable('screens', {
      hallId: { ...belongsTo('halls'), primaryKey: true },
      accountId: { ...belongsTo('accounts'), primaryKey: true },
      shown: json,
      at: { type: DataTypes.BIGINT, allowNull: false },
    });
  },
  async down(query) {
    await query.dropTable('screens');
  },
};
