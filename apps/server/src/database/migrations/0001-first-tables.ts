import { DataTypes } from 'sequelize';
import { belongsTo, id, json, stamps, text, type Migration } from '../migration.js';

export const migration: Migration = {
  name: '0001-first-tables',
  async up(query) {
    await query.createTable('studios', {
      id,
      name: text(120),
      teacher: text(120),
      houseView: json,
      stock: json,
      ...stamps,
    });
    await query.createTable('people', {
      id,
      studioId: belongsTo('studios'),
      name: text(120),
      born: { type: DataTypes.DATEONLY },
      sex: { type: DataTypes.STRING(10) },
      heightCm: { type: DataTypes.FLOAT, allowNull: false },
      weightKg: { type: DataTypes.FLOAT },
      can: json,
      ranges: json,
      screening: json,
      ...stamps,
    });
    await query.addIndex('people', ['studioId', 'name'], { unique: true });
    await query.createTable('person_conditions', {
      id,
      personId: belongsTo('people'),
      condition: text(80),
      details: json,
      position: { type: DataTypes.INTEGER, allowNull: false },
      ...stamps,
    });
    await query.addIndex('person_conditions', ['personId', 'condition'], { unique: true });
    await query.createTable('sequences', {
      id,
      studioId: belongsTo('studios'),
      title: text(160),
      source: json,
      ...stamps,
    });
    await query.createTable('classes', {
      id,
      studioId: belongsTo('studios'),
      title: text(160),
      on: { type: DataTypes.DATEONLY, allowNull: false },
      time: { type: DataTypes.STRING(5) },
      place: { type: DataTypes.STRING(120) },
      sequenceText: json,
      people: json,
      houseView: json,
      ...stamps,
    });
    await query.addIndex('classes', ['studioId', 'on']);
    await query.createTable('fittings', {
      id,
      classId: { ...belongsTo('classes'), unique: true },
      rulebook: text(60),
      catalogue: text(60),
      input: json,
      output: json,
      ...stamps,
    });
  },
  async down(query) {
    for (const table of ['fittings', 'classes', 'sequences', 'person_conditions', 'people', 'studios'])
      await query.dropTable(table);
  },
};
