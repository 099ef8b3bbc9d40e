import { json, type Migration } from '../migration.js';

export const migration: Migration = {
  name: '0005-choices-and-pace',
  async up(query) {
    await query.addColumn('classes', 'choices', {
      ...json,
      defaultValue: '{"overrides":[],"swaps":[],"fewerVersions":false}',
    });
    await query.addColumn('classes', 'ownView', { ...json, defaultValue: '{}' });
    await query.addColumn('studios', 'pace', { ...json, defaultValue: '{}' });
  },
  async down(query) {
    for (const [table, column] of [
      ['classes', 'choices'],
      ['classes', 'ownView'],
      ['studios', 'pace'],
    ])
      await query.sequelize.query(`ALTER TABLE ${table} DROP COLUMN IF EXISTS ${column}`);
  },
};
