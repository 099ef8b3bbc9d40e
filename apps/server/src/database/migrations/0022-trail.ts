import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, type Migration } from '../migration.js';

const word = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });
const number = { type: DataTypes.INTEGER, allowNull: false };

/** Who has read and changed what of whom, each entry chained to the one before; and how long people are kept. */
export const migration: Migration = {
  name: '0022-trail',
  async up(query) {
    await query.createTable('trail_entries', {
      hallId: { ...belongsTo('halls'), primaryKey: true },
      number: { ...number, primaryKey: true },
      at: word(24),
      who: word(64),
      role: word(20),
      did: word(20),
      what: word(30),
      personId: { type: DataTypes.UUID },
      classId: { type: DataTypes.UUID },
      counts: { type: DataTypes.TEXT },
      print: word(160),
    });
    await query.addIndex('trail_entries', ['hallId', 'personId']);
    await query.createTable('trail_heads', {
      hallId: { ...belongsTo('halls'), primaryKey: true },
      number,
      print: word(160),
      seal: word(160),
    });
    await query.addColumn('halls', 'keptMonths', { type: DataTypes.INTEGER });
  },
  async down(query) {
    await query.dropTable('trail_heads');
    await query.dropTable('trail_entries');
    await dropColumns(query, [['halls', 'keptMonths']]);
  },
};
