import { DataTypes } from 'sequelize';
import { belongsTo, id, json, type Migration } from '../migration.js';

/** What is noted of somebody while a class is taught, sealed, until it is in the record. */
export const migration: Migration = {
  name: '0025-marks',
  async up(query) {
    await query.createTable('marks', {
      id,
      classId: belongsTo('classes'),
      personId: belongsTo('people'),
      at: { type: DataTypes.BIGINT, allowNull: false },
      sealed: json,
    });
    await query.addIndex('marks', ['classId']);
    await query.addIndex('marks', ['personId']);
  },
  async down(query) {
    await query.dropTable('marks');
  },
};
