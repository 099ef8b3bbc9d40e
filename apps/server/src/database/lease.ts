import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { QueryTypes } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';

/** Times of a lease, seconds: how long one holds that is not renewed, and how often it is, and is asked for. */
interface LeaseTimes {
  holds: number;
  renewed: number;
  asked: number;
}
/** Longer than any one change of a table takes: while the cluster makes one, nothing can be renewed. */
const TIMES: LeaseTimes = { holds: 120, renewed: 10, asked: 0.5 };

/**
 * Does something while no other server of the same database does it: they wait their turn. Held by a row, for a
 * cluster knows no named locks; whoever is killed with it is waited for until it has run out.
 *
 * @param work what only one may do at a time
 */
export async function withLease<T>(
  sequelize: Sequelize,
  work: () => Promise<T>,
  times: Partial<LeaseTimes> = {},
): Promise<T> {
  const { holds, renewed, asked } = { ...TIMES, ...times };
  const holder = randomUUID();
  await sequelize.query(
    'CREATE TABLE IF NOT EXISTS lease (id INT PRIMARY KEY, holder CHAR(36) NOT NULL, until DATETIME(3) NOT NULL)',
  );
  await sequelize.query("INSERT IGNORE INTO lease VALUES (1, '', '1970-01-02')");
  const take = async (whose: string): Promise<boolean> => {
    const [, taken] = await sequelize.query(
      `UPDATE lease SET holder = ?, until = UTC_TIMESTAMP(3) + INTERVAL ? SECOND WHERE ${whose}`,
      { replacements: [holder, holds, holder], type: QueryTypes.UPDATE },
    );
    return taken > 0;
  };
  while (!(await take('until < UTC_TIMESTAMP(3) AND holder <> ?'))) await wait(asked * 1000);
  // A renewal that fails is made up for by the next.
  const renewing = setInterval(() => void take('holder = ?').catch(() => false), renewed * 1000);
  try {
    return await work();
  } finally {
    clearInterval(renewing);
    await sequelize.query("UPDATE lease SET until = '1970-01-02' WHERE holder = ?", {
      replacements: [holder],
    });
  }
}
