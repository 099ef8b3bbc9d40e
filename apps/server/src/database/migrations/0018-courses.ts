import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, id, json, stamps, text, type Migration } from '../migration.js';

/** Courses of several weeks; sequences that are a week of one; and classes that know which sequence they began from. */
export const migration: Migration = {
  name: '0018-courses',
  async up(query) {
    await query.createTable('courses', {
      id,
      hallId: belongsTo('halls'),
      title: text(160),
      startsOn: { type: DataTypes.DATEONLY, allowNull: false },
      time: { type: DataTypes.STRING(5) },
      place: { type: DataTypes.STRING(120) },
      people: json,
      version: { type: DataTypes.INTEGER, allowNull: false },
      ...stamps,
    });
    await query.addColumn('sequences', 'courseId', { type: DataTypes.UUID });
    await query.addColumn('sequences', 'week', { type: DataTypes.INTEGER });
    await query.addIndex('sequences', ['courseId', 'week']);
    await query.addColumn('classes', 'sequenceId', { type: DataTypes.UUID });
    await query.addIndex('classes', ['sequenceId']);
  },
  async down(query) {
    await query.removeIndex('classes', ['sequenceId']);
    await query.removeIndex('sequences', ['courseId', 'week']);
    await dropColumns(query, [
      ['classes', 'sequenceId'],
      ['sequences', 'courseId'],
      ['sequences', 'week'],
    ]);
    await query.dropTable('courses');
  },
};
