import { DataTypes } from 'sequelize';
import { dropColumns, type Migration } from '../migration.js';

const BELONGING = ['people', 'sequences', 'classes', 'own_variants'];

/** What was called a studio is called a hall, everywhere; and a hall knows where it is. */
export const migration: Migration = {
  name: '0007-halls',
  async up(query) {
    await query.sequelize.query('RENAME TABLE IF EXISTS studios TO halls');
    for (const table of BELONGING)
      await query.sequelize.query(`ALTER TABLE ${table} RENAME COLUMN IF EXISTS studioId TO hallId`);
    await query.addColumn('halls', 'timeZone', {
      type: DataTypes.STRING(60),
      allowNull: false,
      defaultValue: new Intl.DateTimeFormat().resolvedOptions().timeZone,
    });
  },
  async down(query) {
    await dropColumns(query, [['halls', 'timeZone']]);
    for (const table of BELONGING)
      await query.sequelize.query(`ALTER TABLE ${table} RENAME COLUMN IF EXISTS hallId TO studioId`);
    await query.sequelize.query('RENAME TABLE IF EXISTS halls TO studios');
  },
};
