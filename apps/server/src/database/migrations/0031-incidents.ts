import { DataTypes } from 'sequelize';
import { belongsTo, id, json, stamps, type Migration } from '../migration.js';

/** What happened to somebody in or around a class; all but the days is sealed. */
export const migration: Migration = {
  name: '0031-incidents',
  async up(query) {
    await query.createTable('incidents', {
      id,
      personId: belongsTo('people'),
      classId: { type: DataTypes.UUID, allowNull: true },
      on: { type: DataTypes.DATEONLY, allowNull: false },
      followUpOn: { type: DataTypes.DATEONLY, allowNull: true },
      isClosed: { type: DataTypes.BOOLEAN, allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false },
      sealed: json,
      ...stamps,
    });
    await query.addIndex('incidents', ['personId']);
  },
  async down(query) {
    await query.dropTable('incidents');
  },
};
