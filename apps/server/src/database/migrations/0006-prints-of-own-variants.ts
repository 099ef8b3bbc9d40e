import { DataTypes } from 'sequelize';
import type { Migration } from '../migration.js';

export const migration: Migration = {
  name: '0006-prints-of-own-variants',
  async up(query) {
    await query.addColumn('own_variants', 'print', {
      type: DataTypes.STRING,
      allowNull: false,
      defaultValue: '',
    });
  },
  async down(query) {
    await query.sequelize.query('ALTER TABLE own_variants DROP COLUMN IF EXISTS print');
  },
};
