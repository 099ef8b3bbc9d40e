import type { Migration } from '../migration.js';
import { dropColumns } from '../migration.js';

/** A class counts who is down for it, so that a list need not read them all. */
export const migration: Migration = {
  name: '0013-heads',
  async up(query) {
    await query.sequelize.query('ALTER TABLE classes ADD COLUMN IF NOT EXISTS heads INT NOT NULL DEFAULT 0');
    await query.sequelize.query('UPDATE classes SET heads = JSON_LENGTH(people)');
  },
  async down(query) {
    await dropColumns(query, [['classes', 'heads']]);
  },
};
