/** Machines on loopback: each a database node, and a server that uses this node alone. */
import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../machine.mjs';
import { freePort } from '../freePort.mjs';

export const THIS_VERSION = join(ROOT, 'apps/server/dist/main.js');
export const NEXT_VERSION = join(ROOT, 'scripts/lib/cluster/nextVersion.mjs');

/**
 * @param cluster of `startNodes`
 * @param folder where each keeps what is its own
 * @param hallKey the secret of the halls' tokens
 */
export async function startMachines(cluster, folder, hallKey) {
  let said = '';

  async function begin(machine, entry = THIS_VERSION) {
    const server = spawn(process.execPath, [entry], {
      stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
      env: {
        ...process.env,
        DATABASE_URL: cluster.urlOf(machine.node),
        PORT: String(machine.port),
        LOTUS_HALL_KEY: hallKey,
        LOTUS_TODAY: '2026-11-23',
        LOTUS_DATA: machine.folder,
        LOTUS_KEYS: join(folder, 'keys.json'),
        NODE_ENV: 'production',
      },
    });
    for (const stream of [server.stdout, server.stderr])
      stream.on('data', (chunk) => {
        said += chunk;
      });
    machine.server = server;
    machine.ended = new Promise((resolve) => server.once('exit', resolve));
    const answer = await Promise.race([
      new Promise((resolve) => server.once('message', resolve)),
      machine.ended,
    ]);
    if (answer !== 'ready') throw new Error(`${machine.name} did not come up: ${JSON.stringify(answer)}`);
  }

  const end = async (machine, signal) => {
    machine.server.kill(signal);
    await machine.ended;
  };

  const machines = [];
  for (const [i, node] of cluster.nodes.entries()) {
    const name = `machine-${i + 1}`;
    const place = join(folder, name);
    mkdirSync(place, { mode: 0o700 });
    machines.push({ name, node, folder: place, port: await freePort() });
  }
  // All at once: one of them makes the tables, the others wait for it.
  await Promise.all(machines.map((machine) => begin(machine)));

  return {
    machines,
    begin,
    kill: (machine) => end(machine, 'SIGKILL'),
    /** Ends what runs in order, and starts something else in its place. */
    async replace(machine, entry) {
      await end(machine, 'SIGTERM');
      await begin(machine, entry);
    },
    /** What the servers have written down. */
    logs: () => said,
    stop: () => Promise.all(machines.map((machine) => end(machine, 'SIGTERM'))),
  };
}
