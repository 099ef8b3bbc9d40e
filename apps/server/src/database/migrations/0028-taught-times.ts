import { belongsTo, json, type Migration } from '../migration.js';

/** What the moments of a class took: nothing of anybody. */
export const migration: Migration = {
  name: '0028-taught-times',
  async up(query) {
    await query.createTable('taught_times', {
      classId: { ...belongsTo('classes'), primaryKey: true },
      times: json,
    });
  },
  async down(query) {
    await query.dropTable('taught_times');
  },
};
