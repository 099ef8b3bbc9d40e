/**
 * `npm run cluster`: three machines on loopback, each a database node and a server, behind a proxy; simulated halls
 * work on them while machines are killed, cut off and brought up to date. Prints what came of it, and ends with 1
 * where something is past its limit. `--halls N`.
 */
import { randomBytes } from 'node:crypto';
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { send } from './lib/attack/target.mjs';
import { ensureBuilt, ensurePackages, has, installDebian, ROOT } from './lib/machine.mjs';
import { ensureMariaDb } from './lib/mariadb.mjs';

const { values } = parseArgs({ options: { halls: { type: 'string', default: '200' } } });
/** A change that is asked for is acknowledged within this, whatever happens, ms. */
const WRITTEN_WITHIN = 5000;
/** Of all reads so many may fail. */
const READS_FAILED = 0.01;
/** Nothing happens between two events for, ms. */
const CALM = 6000;
/** What was killed is away for, ms. */
const AWAY = 6000;
const PAGE = join(ROOT, 'docs/many-machines.md');

await ensurePackages(console.log);
await ensureMariaDb(console.log);
const missing = ['haproxy', 'rsync'].filter((name) => !has(name));
if (!existsSync('/usr/lib/galera/libgalera_smm.so')) missing.push('galera-4');
if (missing.length) await installDebian(missing, 'What several machines need');
await ensureBuilt(console.log);
// What follows uses what was built.
const { openHalls } = await import('./lib/cluster/halls.mjs');
const { startMachines, NEXT_VERSION } = await import('./lib/cluster/machines.mjs');
const { startNodes } = await import('./lib/cluster/nodes.mjs');
const { startProxy } = await import('./lib/cluster/proxy.mjs');
const { measure } = await import('./lib/cluster/sizing.mjs');

const folder = mkdtempSync(join(tmpdir(), 'lotus-cluster-'));
// A node that is another user's must come to what is its own.
chmodSync(folder, 0o711);
const closing = [() => rmSync(folder, { recursive: true, force: true })];
let isPast = false;
const rows = [];
const row = (what, found, isFine) => {
  rows.push(`| ${what} | ${found} |`);
  console.log(`${isFine ? '✓' : '✗'} ${what}: ${found}`);
  isPast ||= !isFine;
};
const rounded = (ms) => `${(ms / 1000).toFixed(1)} s`;

async function drill() {
  const hallKey = randomBytes(32).toString('base64url');
  console.log('Starting three database nodes …');
  const cluster = await startNodes(join(folder), 3);
  closing.push(cluster.stop);
  console.log('Starting three servers and a proxy …');
  const servers = await startMachines(cluster, folder, hallKey);
  closing.push(servers.stop);
  const { machines } = servers;
  const proxy = await startProxy(folder, machines);
  closing.push(proxy.stop);
  for (let i = 0; i < 50 && (await send(`${proxy.base}/health`)).status !== 200; i++) await wait(100);
  console.log(`Opening ${values.halls} halls …`);
  const askFirst = (sql) => cluster.ask(cluster.nodes[0], sql);
  const halls = await openHalls(proxy.base, askFirst, Number(values.halls), hallKey);
  const pids = [...machines.flatMap(({ server, node }) => [server.pid, node.process.pid]), proxy.pid];
  const sizes = await measure(proxy.base, halls.spare.headers, pids, askFirst);
  halls.writes.length = halls.reads.length = 0;

  const close = halls.open();
  const began = performance.now();
  await wait(CALM);

  /** Does something to a machine, and says what the halls have felt of it until some time after. */
  async function event(what, happen) {
    const from = performance.now();
    await happen();
    await wait(CALM);
    const inIt = (one) => one.at + one.took > from;
    const reads = halls.reads.filter(inIt);
    const failed = reads.filter(({ isDone }) => !isDone).length;
    const writes = halls.writes.filter(inIt);
    const slowest = Math.max(0, ...writes.map(({ took }) => took));
    const again = writes.filter(({ tries }) => tries > 1).length;
    row(
      what,
      `${reads.length} reads, ${failed} failed; ${writes.length} changes, ${again} sent again, the slowest ` +
        `acknowledged after ${rounded(slowest)}`,
      slowest < WRITTEN_WITHIN,
    );
  }
  const isWell = async (machine) => {
    for (let i = 0; i < 300; i++) {
      if ((await send(`http://127.0.0.1:${machine.port}/api/health`)).status === 200) return;
      await wait(100);
    }
    throw new Error(`${machine.name} is not well again.`);
  };

  for (const machine of machines)
    await event(`server of ${machine.name} killed`, async () => {
      await servers.kill(machine);
      await wait(AWAY);
      await servers.begin(machine);
    });
  for (const machine of machines)
    await event(`database node of ${machine.name} killed`, async () => {
      await cluster.kill(machine.node);
      await wait(AWAY);
      await cluster.comeBack(machine.node);
      await isWell(machine);
    });
  const [, cut] = machines;
  await event(`${cut.name} cut off from the others, and joined again`, async () => {
    await cluster.cutOff(cut.node, true);
    await wait(AWAY);
    await cluster.cutOff(cut.node, false);
    await isWell(cut);
  });
  await event('all servers replaced by the next version, with a change of the tables', async () => {
    for (const machine of machines) {
      await servers.replace(machine, NEXT_VERSION);
      await wait(AWAY / 2);
    }
  });
  await close();

  const seconds = (performance.now() - began) / 1000;
  const failed = halls.reads.filter(({ isDone }) => !isDone).length;
  const { stale, refused } = halls.counts();
  row(
    'reads failed in all',
    `${failed} of ${halls.reads.length} (${((failed / halls.reads.length) * 100).toFixed(2)} %)`,
    failed / halls.reads.length < READS_FAILED,
  );
  row('reads that did not see what their hall had saved', String(stale), stale === 0);
  row('changes refused', String(refused), refused === 0);
  const acknowledged = halls.writes.filter(({ isDone }) => isDone).length;
  for (const machine of machines) await isWell(machine);
  for (const machine of machines) {
    const { lost, doubled, unasked } = await halls.missing(`http://127.0.0.1:${machine.port}/api`);
    row(
      `of ${acknowledged} acknowledged changes, on ${machine.name}`,
      `${lost} lost, ${doubled} doubled, ${unasked} not asked for`,
      lost + doubled + unasked === 0,
    );
  }
  const findings = ['Guest ', 'Class ', 'INSERT INTO', 'Sized '].filter((words) =>
    (servers.logs() + cluster.logs()).includes(words),
  );
  row('names or SQL in the logs', findings.join(', ') || '0', !findings.length);
  return { seconds, requests: halls.reads.length + halls.writes.length, sizes };
}

/** A hall's busiest hour, and its year: what is counted on. */
const HOUR = { 'a read': 300, 'a person saved': 60, 'a class planned and saved': 6 };
const CLASSES_A_YEAR = 300;
/** So much of a processor is used at the busiest; the rest is for the machine that is missing. */
const USED = 0.5;

/** What a school needs, from what was measured. */
function sizing({ cpuMs, classBytes }) {
  const lines = Object.entries(cpuMs).map(
    ([kind, ms]) => `| ${kind} | ${ms.toFixed(1)} ms | ${HOUR[kind]} |`,
  );
  const seconds = Object.entries(cpuMs).reduce((sum, [kind, ms]) => sum + (ms * HOUR[kind]) / 1000, 0);
  const halls = Math.floor((3600 * USED) / seconds / 10) * 10;
  const year = Math.round((classBytes * CLASSES_A_YEAR) / 1e6);
  return [
    '| what | processor, all machines together | in a hall’s busiest hour |',
    '|---|---|---|',
    ...lines,
    '',
    `That is ${seconds.toFixed(1)} s of a processor: with half of each kept free, **${halls} halls for each core**`,
    'of all machines together.',
    '',
    `A class of twelve people and twelve steps takes ${Math.round(classBytes / 1000)} kB on each node: with`,
    `${CLASSES_A_YEAR} classes a year, **${year} MB for each hall and year**, on each node.`,
  ].join('\n');
}

/** Puts what was found into the page, between its marks. */
function keep(name, text) {
  const marks = new RegExp(`(<!-- ${name} -->\\n)[^]*?(\\n<!-- end -->)`);
  writeFileSync(
    PAGE,
    readFileSync(PAGE, 'utf8').replace(marks, (_, begin, end) => `${begin}\n${text}\n${end}`),
  );
}

async function close() {
  for (const step of closing.splice(0).reverse()) await step();
}
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    void close().then(() => process.exit(1));
  });

let done;
try {
  done = await drill();
} finally {
  await close();
}
const sized = sizing(done.sizes);
const rate = Math.round(done.requests / done.seconds);
const table = ['| what | found |', '|---|---|', ...rows].join('\n');
console.log(`\n${sized}`);
// A short run is for trying things out.
if (Number(values.halls) >= 200) {
  keep('drill', `${values.halls} halls, ${rate} requests a second.\n\n${table}`);
  keep('sizing', sized);
}
console.log(`\n${isPast ? 'Something is past its limit.' : 'Nothing is past its limit.'}`);
process.exit(isPast ? 1 : 0);
