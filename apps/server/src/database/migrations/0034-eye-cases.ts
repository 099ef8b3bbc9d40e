import { DataTypes } from 'sequelize';
import { belongsTo, json, type Migration } from '../migration.js';

/** Made-up cases that a teacher has looked at, and when each is to be looked at again; nothing of anybody real. */
export const migration: Migration = {
  name: '0034-eye-cases',
  async up(query) {
    await query.createTable('eye_cases', {
      accountId: { ...belongsTo('accounts'), primaryKey: true },
      number: { type: DataTypes.INTEGER, primaryKey: true, allowNull: false },
      due: { type: DataTypes.DATE, allowNull: false },
      card: json,
      answers: json,
    });
    await query.addIndex('eye_cases', ['accountId', 'due']);
  },
  async down(query) {
    await query.dropTable('eye_cases');
  },
};
