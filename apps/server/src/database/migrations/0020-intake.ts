import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, id, json, type Migration } from '../migration.js';

/** What was told when somebody first came; and what somebody has filled in herself, until a teacher has looked. */
export const migration: Migration = {
  name: '0020-intake',
  async up(query) {
    await query.sequelize.query(
      `ALTER TABLE people ADD COLUMN IF NOT EXISTS intake LONGTEXT NOT NULL DEFAULT '{}'`,
    );
    await query.createTable('own_answers', {
      id,
      personId: { ...belongsTo('people'), unique: true },
      sealed: json,
      sentAt: { type: DataTypes.DATE, allowNull: false },
    });
  },
  async down(query) {
    await query.dropTable('own_answers');
    await dropColumns(query, [['people', 'intake']]);
  },
};
