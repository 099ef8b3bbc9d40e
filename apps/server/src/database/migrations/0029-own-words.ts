import { DataTypes } from 'sequelize';
import { belongsTo, json, text, type Migration } from '../migration.js';

/** A hall's own words for poses. */
export const migration: Migration = {
  name: '0029-own-words',
  async up(query) {
    await query.createTable('own_words', {
      hallId: { ...belongsTo('halls'), primaryKey: true },
      pose: { ...text(60), primaryKey: true },
      words: json,
      version: { type: DataTypes.INTEGER, allowNull: false },
    });
  },
  async down(query) {
    await query.dropTable('own_words');
  },
};
