import { gunzipSync, gzipSync } from 'node:zlib';
import { QueryTypes, type QueryInterface } from 'sequelize';
import { dropColumns, type Migration } from '../migration.js';

/** The ids of the fittings that a condition holds for. One is read at a time: all of them may be large. */
async function idsWhere(query: QueryInterface, condition: string): Promise<string[]> {
  const rows = await query.sequelize.query<{ id: string }>(`SELECT id FROM fittings WHERE ${condition}`, {
    type: QueryTypes.SELECT,
  });
  return rows.map(({ id }) => id);
}

async function read<T>(query: QueryInterface, id: string, columns: string): Promise<T> {
  const [row] = await query.sequelize.query(`SELECT ${columns} FROM fittings WHERE id = ?`, {
    replacements: [id],
    type: QueryTypes.SELECT,
  });
  return row as T;
}

const packed = (text: string): Buffer => gzipSync(text);
const unpacked = (bytes: Buffer): string => gunzipSync(bytes).toString('utf8');

/**
 * Fittings are kept packed, a fifteenth of the size, and say which own variants they use. Every step can be done
 * again: a run that was broken off is gone on with.
 */
export const migration: Migration = {
  name: '0012-compact-fittings',
  async up(query) {
    await query.sequelize.query(
      'ALTER TABLE fittings ADD COLUMN IF NOT EXISTS format INT NOT NULL DEFAULT 0, ' +
        'ADD COLUMN IF NOT EXISTS steps INT NOT NULL DEFAULT 0, ' +
        "ADD COLUMN IF NOT EXISTS ownVariants LONGTEXT NOT NULL DEFAULT '[]', " +
        'ADD COLUMN IF NOT EXISTS fitting LONGBLOB, ADD COLUMN IF NOT EXISTS madeFrom LONGBLOB, ' +
        'ADD COLUMN IF NOT EXISTS output LONGTEXT, ADD COLUMN IF NOT EXISTS input LONGTEXT',
    );
    const own = await query.sequelize.query<{ variantId: string }>('SELECT variantId FROM own_variants', {
      type: QueryTypes.SELECT,
    });
    for (const id of await idsWhere(query, 'fitting IS NULL')) {
      const { input, output } = await read<{ input: string; output: string }>(query, id, 'input, output');
      const used = own.map(({ variantId }) => variantId).filter((one) => output.includes(`"${one}"`));
      const { steps } = JSON.parse(output) as { steps: unknown[] };
      await query.sequelize.query(
        'UPDATE fittings SET fitting = ?, madeFrom = ?, steps = ?, ownVariants = ? WHERE id = ?',
        { replacements: [packed(output), packed(input), steps.length, JSON.stringify(used), id] },
      );
    }
    await query.sequelize.query(
      'ALTER TABLE fittings MODIFY fitting LONGBLOB NOT NULL, MODIFY madeFrom LONGBLOB NOT NULL',
    );
    await dropColumns(query, [
      ['fittings', 'output'],
      ['fittings', 'input'],
    ]);
  },
  async down(query) {
    await query.sequelize.query(
      'ALTER TABLE fittings ADD COLUMN IF NOT EXISTS output LONGTEXT, ADD COLUMN IF NOT EXISTS input LONGTEXT',
    );
    for (const id of await idsWhere(query, 'output IS NULL')) {
      const row = await read<{ fitting: Buffer; madeFrom: Buffer }>(query, id, 'fitting, madeFrom');
      await query.sequelize.query('UPDATE fittings SET output = ?, input = ? WHERE id = ?', {
        replacements: [unpacked(row.fitting), unpacked(row.madeFrom), id],
      });
    }
    await query.sequelize.query(
      'ALTER TABLE fittings MODIFY output LONGTEXT NOT NULL, MODIFY input LONGTEXT NOT NULL',
    );
    await dropColumns(
      query,
      ['fitting', 'madeFrom', 'format', 'steps', 'ownVariants'].map(
        (column) => ['fittings', column] as const,
      ),
    );
  },
};
