import { DataTypes } from 'sequelize';
import { belongsTo, id, json, text, type Migration } from '../migration.js';

/** What goes by mail, or would; to whom and what is sealed. */
export const migration: Migration = {
  name: '0033-mails',
  async up(query) {
    await query.createTable('mails', {
      id,
      personId: belongsTo('people'),
      kind: text(20),
      sentAt: { type: DataTypes.DATE, allowNull: true },
      problem: { type: DataTypes.STRING(300), allowNull: true },
      sealed: json,
      file: { type: DataTypes.BLOB('medium'), allowNull: true },
      createdAt: { type: DataTypes.DATE, allowNull: false },
    });
    await query.addIndex('mails', ['personId', 'createdAt']);
  },
  async down(query) {
    await query.dropTable('mails');
  },
};
