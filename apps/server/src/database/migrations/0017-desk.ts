import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, id, json, text, type Migration } from '../migration.js';

/** Sequences get tags and an archive, and remember how they were. */
export const migration: Migration = {
  name: '0017-desk',
  async up(query) {
    await query.sequelize.query(
      `ALTER TABLE sequences ADD COLUMN IF NOT EXISTS tags LONGTEXT NOT NULL DEFAULT '[]'`,
    );
    await query.addColumn('sequences', 'archived', {
      type: DataTypes.BOOLEAN,
      allowNull: false,
      defaultValue: false,
    });
    await query.createTable('sequence_versions', {
      id,
      sequenceId: belongsTo('sequences'),
      version: { type: DataTypes.INTEGER, allowNull: false },
      title: text(160),
      source: json,
      savedAt: { type: DataTypes.DATE, allowNull: false },
      createdAt: { type: DataTypes.DATE, allowNull: false },
    });
    await query.addIndex('sequence_versions', ['sequenceId', 'version'], { unique: true });
  },
  async down(query) {
    await query.dropTable('sequence_versions');
    await dropColumns(query, [
      ['sequences', 'tags'],
      ['sequences', 'archived'],
    ]);
  },
};
