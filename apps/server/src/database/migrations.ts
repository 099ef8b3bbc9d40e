import { DataTypes, type QueryInterface, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';

const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false };
const stamps = {
  createdAt: { type: DataTypes.DATE, allowNull: false },
  updatedAt: { type: DataTypes.DATE, allowNull: false },
};
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });
const json = { type: DataTypes.TEXT('long'), allowNull: false };
const belongsTo = (table: string) => ({
  type: DataTypes.UUID,
  allowNull: false,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
});

/** Every change to the tables, in order. A migration that has landed is never edited. */
const MIGRATIONS: readonly {
  name: string;
  up(query: QueryInterface): Promise<void>;
  down(query: QueryInterface): Promise<void>;
}[] = [
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
        await query.sequelize.query(`ALTER TABLE ${table} DROP COLUMN ${column}`);
    },
  },
  {
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
        await query.sequelize.query(`ALTER TABLE ${table} DROP COLUMN ${column}`);
    },
  },
  {
    name: '0006-prints-of-own-variants',
    async up(query) {
      await query.addColumn('own_variants', 'print', {
        type: DataTypes.STRING,
        allowNull: false,
        defaultValue: '',
      });
    },
    async down(query) {
      await query.sequelize.query('ALTER TABLE own_variants DROP COLUMN print');
    },
  },
];

/** The migrator for a connection; what has been done is remembered in the database. */
export const migrator = (sequelize: Sequelize): Umzug<QueryInterface> =>
  new Umzug({
    migrations: MIGRATIONS.map(({ name, up, down }) => ({
      name,
      up: ({ context }) => up(context),
      down: ({ context }) => down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
