import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, id, json, stamps, text, type Migration } from '../migration.js';

const whole = { type: DataTypes.INTEGER, allowNull: false };

/** Groups by the week with who belongs to them, and places with what is in them. */
export const migration: Migration = {
  name: '0023-groups',
  async up(query) {
    await query.createTable('class_groups', {
      id,
      hallId: belongsTo('halls'),
      title: text(160),
      weekday: whole,
      time: { type: DataTypes.STRING(5) },
      place: { type: DataTypes.STRING(120) },
      most: { type: DataTypes.INTEGER },
      sequenceId: { type: DataTypes.UUID },
      firstOn: { type: DataTypes.DATEONLY, allowNull: false },
      lastOn: { type: DataTypes.DATEONLY },
      version: whole,
      removedAt: { type: DataTypes.DATE },
      ...stamps,
    });
    await query.createTable('group_people', {
      groupId: { ...belongsTo('class_groups'), primaryKey: true },
      personId: { ...belongsTo('people'), primaryKey: true },
      position: whole,
      waiting: { type: DataTypes.BOOLEAN, allowNull: false },
    });
    await query.createTable('group_days', {
      groupId: { ...belongsTo('class_groups'), primaryKey: true },
      personId: { ...belongsTo('people'), primaryKey: true },
      on: { type: DataTypes.DATEONLY, allowNull: false, primaryKey: true },
      comes: { type: DataTypes.BOOLEAN, allowNull: false },
    });
    await query.createTable('places', {
      id,
      hallId: belongsTo('halls'),
      name: text(120),
      most: { type: DataTypes.INTEGER },
      stock: json,
      version: whole,
      ...stamps,
    });
    await query.addIndex('places', ['hallId', 'name'], { unique: true });
    await query.addColumn('classes', 'groupId', { type: DataTypes.UUID });
  },
  async down(query) {
    await dropColumns(query, [['classes', 'groupId']]);
    // Columns that MariaDB only hides would count towards the largest row for ever.
    await query.sequelize.query('ALTER TABLE classes FORCE, ALGORITHM=COPY');
    for (const table of ['places', 'group_days', 'group_people', 'class_groups'])
      await query.dropTable(table);
  },
};
