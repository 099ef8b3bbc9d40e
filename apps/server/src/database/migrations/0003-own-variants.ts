import { DataTypes } from 'sequelize';
import { belongsTo, id, json, stamps, text, type Migration } from '../migration.js';

export const migration: Migration = {
  name: '0003-own-variants',
  async up(query) {
    await query.createTable('own_variants', {
      id,
      studioId: belongsTo('studios'),
      variantId: text(200),
      pose: text(120),
      poseName: { type: DataTypes.STRING(80) },
      base: text(160),
      after: text(160),
      name: text(80),
      angles: json,
      frames: json,
      solved: json,
      ...stamps,
    });
    await query.addIndex('own_variants', ['studioId', 'variantId'], { unique: true });
    await query.createTable('prop_notes', {
      id,
      personId: belongsTo('people'),
      task: text(60),
      heightCm: { type: DataTypes.FLOAT, allowNull: false },
      words: text(300),
      on: { type: DataTypes.DATEONLY, allowNull: false },
      ...stamps,
    });
    await query.addIndex('prop_notes', ['personId', 'task'], { unique: true });
  },
  async down(query) {
    await query.dropTable('prop_notes');
    await query.dropTable('own_variants');
  },
};
