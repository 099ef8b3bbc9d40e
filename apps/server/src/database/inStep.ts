import { setTimeout as wait } from 'node:timers/promises';
import { QueryTypes, type Sequelize } from 'sequelize';

/** What a database of a cluster says of itself while it may be used; one alone has no provider. */
const IN_STEP = { wsrep_cluster_status: 'Primary', wsrep_ready: 'ON', wsrep_local_state: '4' };
/** It is asked again after, and waited for so long, milliseconds. */
const ASKED_EVERY = 500;
const WAITED_FOR = 60_000;

/**
 * Whether a database may be used: it stands alone, or is in step with most of its cluster. Answered at once, also while
 * whoever reads waits for what was saved before.
 *
 * @throws where it does not answer
 */
export async function isInStep(sequelize: Sequelize): Promise<boolean> {
  const rows = await sequelize.query<{ Variable_name: string; Value: string }>(
    'SET STATEMENT wsrep_sync_wait = 0 FOR SHOW STATUS WHERE Variable_name IN (:names)',
    {
      replacements: { names: ['wsrep_provider_name', ...Object.keys(IN_STEP)] },
      type: QueryTypes.SELECT,
    },
  );
  const status = Object.fromEntries(rows.map((row) => [row.Variable_name, row.Value]));
  return (
    !status.wsrep_provider_name || Object.entries(IN_STEP).every(([name, value]) => status[name] === value)
  );
}

/** Waits until a database of a cluster may be used: it may be coming back itself. @throws where it does not */
export async function untilInStep(sequelize: Sequelize): Promise<void> {
  for (let waited = 0; !(await isInStep(sequelize).catch(() => false)); waited += ASKED_EVERY) {
    if (waited >= WAITED_FOR) throw new Error('The database is not in step with the others of its cluster.');
    await wait(ASKED_EVERY);
  }
}
