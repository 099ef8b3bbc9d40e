/** The server as its next version could be: with one more change of the tables. */
import { DataTypes } from 'sequelize';
import { MIGRATIONS } from '../../../apps/server/dist/database/migrator.js';

MIGRATIONS.push({
  name: '9999-next-version',
  async up(query) {
    // What the version of before does not know it need not fill.
    await query.addColumn('people', 'nextVersion', {
      type: DataTypes.STRING(20),
      allowNull: false,
      defaultValue: '',
    });
    await query.addIndex('people', ['nextVersion']);
  },
  async down(query) {
    await query.removeColumn('people', 'nextVersion');
  },
});
await import('../../../apps/server/dist/main.js');
