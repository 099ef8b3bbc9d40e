import type { Migration } from '../migration.js';

/**
 * How someone gets up from the floor is told in words, and not known until it is asked: that somebody does was only
 * what had been assumed.
 */
export const migration: Migration = {
  name: '0016-from-the-floor',
  async up(query) {
    await query.sequelize.query(
      `UPDATE people SET can = JSON_REMOVE(can, '$.floor') WHERE JSON_EXTRACT(can, '$.floor') = 'true'`,
    );
    await query.sequelize.query(
      `UPDATE people SET can = JSON_SET(can, '$.floor', 'no') WHERE JSON_EXTRACT(can, '$.floor') = 'false'`,
    );
  },
  async down(query) {
    await query.sequelize.query(
      `UPDATE people SET can = JSON_SET(can, '$.floor', JSON_EXTRACT('[false]', '$[0]'))
       WHERE JSON_VALUE(can, '$.floor') = 'no'`,
    );
    await query.sequelize.query(
      `UPDATE people SET can = JSON_SET(can, '$.floor', JSON_EXTRACT('[true]', '$[0]'))
       WHERE JSON_EXTRACT(can, '$.floor') IS NULL OR JSON_EXTRACT(can, '$.floor') <> 'false'`,
    );
  },
};
