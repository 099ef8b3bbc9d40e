import { DataTypes } from 'sequelize';
import { belongsTo, id, json, type Migration } from '../migration.js';

/** Letters and reports of somebody, sealed. */
export const migration: Migration = {
  name: '0024-documents',
  async up(query) {
    await query.createTable('documents', {
      id,
      personId: belongsTo('people'),
      sealed: json,
      file: { type: DataTypes.BLOB('long') },
      createdAt: { type: DataTypes.DATE, allowNull: false },
      removedAt: { type: DataTypes.DATE },
    });
    await query.addIndex('documents', ['personId']);
  },
  async down(query) {
    await query.dropTable('documents');
  },
};
