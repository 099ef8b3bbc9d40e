import { DataTypes } from 'sequelize';
import { belongsTo, dropColumns, id, json, stamps, text, type Migration } from '../migration.js';

const moment = { type: DataTypes.DATE, allowNull: false };
const maybe = (table: string) => ({
  type: DataTypes.UUID,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
});

/** Accounts, what they are in which hall, who is signed in, links that let in, and what people write of themselves. */
export const migration: Migration = {
  name: '0019-accounts',
  async up(query) {
    await query.addColumn('halls', 'isDemo', {
      type: DataTypes.BOOLEAN,
      allowNull: false,
      defaultValue: false,
    });
    // The demo hall was known by its name until now.
    await query.sequelize.query(
      "UPDATE halls SET isDemo = 1 WHERE name = 'Saltmarsh Hall' AND teacher = 'Maren Tolliver'",
    );
    await query.createTable('accounts', {
      id,
      name: text(120),
      signIn: { type: DataTypes.STRING(160), unique: true },
      passwordHash: { type: DataTypes.STRING(255) },
      codeSecret: { type: DataTypes.TEXT },
      hasCodes: { type: DataTypes.BOOLEAN, allowNull: false },
      lastCodeStep: { type: DataTypes.BIGINT },
      recoveryCodes: json,
      lastHallId: { type: DataTypes.UUID },
      ...stamps,
    });
    await query.createTable('memberships', {
      accountId: { ...belongsTo('accounts'), primaryKey: true },
      hallId: { ...belongsTo('halls'), primaryKey: true },
      role: text(20),
      createdAt: moment,
    });
    await query.createTable('sessions', {
      id: { type: DataTypes.STRING(64), primaryKey: true, allowNull: false },
      accountId: maybe('accounts'),
      hallId: belongsTo('halls'),
      personId: maybe('people'),
      device: text(120),
      createdAt: moment,
      seenAt: moment,
      endsAt: moment,
    });
    await query.createTable('links', {
      id,
      hallId: belongsTo('halls'),
      kind: text(20),
      print: { type: DataTypes.STRING(64), allowNull: false, unique: true },
      name: { type: DataTypes.STRING(120) },
      role: { type: DataTypes.STRING(20) },
      accountId: maybe('accounts'),
      personId: maybe('people'),
      createdAt: moment,
      endsAt: moment,
    });
    await query.createTable('sign_in_tries', {
      subject: { type: DataTypes.STRING(64), primaryKey: true, allowNull: false },
      tries: { type: DataTypes.INTEGER, allowNull: false },
      lastAt: moment,
    });
    await query.createTable('diary_entries', {
      id,
      personId: belongsTo('people'),
      on: { type: DataTypes.DATEONLY, allowNull: false },
      sealed: { type: DataTypes.TEXT, allowNull: false },
      createdAt: moment,
    });
    await query.addIndex('diary_entries', ['personId', 'on']);
    await query.createTable('settings', {
      name: { type: DataTypes.STRING(40), primaryKey: true, allowNull: false },
      value: json,
    });
  },
  async down(query) {
    for (const table of [
      'settings',
      'diary_entries',
      'sign_in_tries',
      'links',
      'sessions',
      'memberships',
      'accounts',
    ])
      await query.dropTable(table);
    await dropColumns(query, [['halls', 'isDemo']]);
  },
};
