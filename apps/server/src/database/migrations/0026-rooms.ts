import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, json, type Migration } from '../migration.js';

/** How large a place is, with its doors and walls; and where people are in a class. */
export const migration: Migration = {
  name: '0026-rooms',
  async up(query) {
    await query.addColumn('places', 'room', { ...json, defaultValue: 'null' });
    const number = { type: DataTypes.INTEGER, allowNull: false };
    await query.createTable('spots', {
      classId: { ...belongsTo('classes'), primaryKey: true },
      personId: { ...belongsTo('people'), primaryKey: true },
      xCm: number,
      yCm: number,
      heading: number,
    });
    await query.addIndex('spots', ['personId']);
  },
  async down(query) {
    await query.dropTable('spots');
    await dropColumns(query, [['places', 'room']]);
  },
};
