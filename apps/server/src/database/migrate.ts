import type { Sequelize } from 'sequelize';
import type { Vault } from '../common/vault.js';
import { backUp } from './backUp.js';
import { migrator } from './migrator.js';

/**
 * Brings the tables up to date. Where there is something in them a copy is made first; without one nothing is
 * changed.
 *
 * @param backups folder of the copies; without it none are made
 */
export async function migrate(
  sequelize: Sequelize,
  vault: Vault,
  url: string,
  backups?: string,
): Promise<void> {
  const umzug = migrator(sequelize, vault);
  const [next] = await umzug.pending();
  if (!next) return;
  if (backups && (await umzug.executed()).length) {
    const name = `before-${next.name}-${new Date().toISOString().replace(/[:.]/g, '-')}`;
    const path = await backUp(url, backups, name).catch(() => {
      throw new Error(
        `The tables are to be brought up to date, and no copy of them could be written to ${backups} before: ` +
          'is there room, and is mariadb-dump installed? Nothing was changed.',
      );
    });
    console.log(`Before the tables are brought up to date: a copy is in ${path}`);
  }
  await umzug.up();
}
