import { DataTypes } from 'sequelize';
import { belongsTo, id, json, stamps, type Migration } from '../migration.js';

export const migration: Migration = {
  name: '0002-after-class',
  async up(query) {
    await query.createTable('records', {
      id,
      classId: belongsTo('classes'),
      personId: belongsTo('people'),
      came: { type: DataTypes.BOOLEAN, allowNull: false },
      painBefore: { type: DataTypes.INTEGER },
      painAfter: { type: DataTypes.INTEGER },
      changes: json,
      word: { type: DataTypes.TEXT, allowNull: false },
      ...stamps,
    });
    await query.addIndex('records', ['classId', 'personId'], { unique: true });
  },
  async down(query) {
    await query.dropTable('records');
  },
};
