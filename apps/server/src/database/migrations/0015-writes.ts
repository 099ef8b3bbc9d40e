import { DataTypes } from 'sequelize';
import { id, json, text, type Migration } from '../migration.js';

/** The keys of changes that were made: one that is asked for twice is made once. */
export const migration: Migration = {
  name: '0015-writes',
  async up(query) {
    await query.createTable('writes', {
      hallId: id,
      key: id,
      print: text(64),
      answer: json,
      createdAt: { type: DataTypes.DATE, allowNull: false },
    });
    await query.addIndex('writes', ['createdAt']);
  },
  async down(query) {
    await query.dropTable('writes');
  },
};
