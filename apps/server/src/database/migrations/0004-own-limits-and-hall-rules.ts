import { json, type Migration } from '../migration.js';

export const migration: Migration = {
  name: '0004-own-limits-and-hall-rules',
  async up(query) {
    for (const column of ['limits', 'clearances'])
      await query.addColumn('people', column, { ...json, defaultValue: '[]' });
    await query.addColumn('studios', 'rules', { ...json, defaultValue: '{"moved":[],"own":[]}' });
  },
  async down(query) {
    // Sequelize's own removeColumn fails on this driver's answer.
    for (const [table, column] of [
      ['people', 'limits'],
      ['people', 'clearances'],
      ['studios', 'rules'],
    ])
      await query.sequelize.query(`ALTER TABLE ${table} DROP COLUMN IF EXISTS ${column}`);
  },
};
