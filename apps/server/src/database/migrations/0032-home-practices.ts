import { DataTypes } from 'sequelize';
import { belongsTo, id, json, type Migration } from '../migration.js';

/** What somebody practises at home; all but the days is sealed. */
export const migration: Migration = {
  name: '0032-home-practices',
  async up(query) {
    await query.createTable('home_practices', {
      id,
      personId: belongsTo('people'),
      classId: { type: DataTypes.UUID, allowNull: false },
      on: { type: DataTypes.DATEONLY, allowNull: false },
      until: { type: DataTypes.DATEONLY, allowNull: false },
      sealed: json,
      createdAt: { type: DataTypes.DATE, allowNull: false },
    });
    await query.addIndex('home_practices', ['personId', 'until']);
  },
  async down(query) {
    await query.dropTable('home_practices');
  },
};
