import { DataTypes } from 'sequelize';
import { belongsTo, id, json, type Migration } from '../migration.js';

/** What was decided about what the record of somebody's classes proposed, sealed. */
export const migration: Migration = {
  name: '0030-proposal-answers',
  async up(query) {
    await query.createTable('proposal_answers', {
      id,
      personId: belongsTo('people'),
      on: { type: DataTypes.DATEONLY, allowNull: false },
      sealed: json,
    });
    await query.addIndex('proposal_answers', ['personId']);
  },
  async down(query) {
    await query.dropTable('proposal_answers');
  },
};
