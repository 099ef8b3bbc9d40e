import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, id, json, type Migration } from '../migration.js';

/**
 * What was told when somebody first came; what somebody has filled in herself, until a teacher has looked; and how
 * somebody was known at each change.
 */
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
    await query.createTable('person_versions', {
      id,
      personId: belongsTo('people'),
      version: { type: DataTypes.INTEGER, allowNull: false },
      accountId: { type: DataTypes.STRING(64) },
      sealed: json,
      savedAt: { type: DataTypes.DATE, allowNull: false },
    });
    await query.addIndex('person_versions', ['personId', 'version'], { unique: true });
  },
  async down(query) {
    await query.dropTable('person_versions');
    await query.dropTable('own_answers');
    await dropColumns(query, [['people', 'intake']]);
  },
};
