/**
 * `npm run attack`: does to a throwaway server on this machine what must not hurt it, and prints what came of it.
 * Ends with 1 where something is past its limit. `--requests N`, `--kills N`, `--seed N`.
 */
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { statfs } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { saveTogether } from './lib/attack/conflicts.mjs';
import { killWhileWriting } from './lib/attack/kills.mjs';
import { savedAgain, sendHard, sendMalformed } from './lib/attack/malformed.mjs';
import { compareWithBare } from './lib/attack/reads.mjs';
import { read, send, startTarget } from './lib/attack/target.mjs';
import { ensureBuilt, ensurePackages, ROOT } from './lib/machine.mjs';
import { ensureMariaDb } from './lib/mariadb.mjs';

const { values } = parseArgs({
  options: {
    requests: { type: 'string', default: '100000' },
    kills: { type: 'string', default: '50' },
    seed: { type: 'string', default: '1' },
  },
});
/** A text that is hard to read is answered within this, ms. */
const HARD_WITHIN = 300;
/** Reads of these are so many, as a share of what a route does that does nothing. */
const SHARES = { 'first page of people': 0.05, 'a class': 0.03 };
/** A disk of this size, MB, is filled. */
const SMALL_DISK_MB = 300;

const rows = [];
const row = (what, found, isFine) => {
  rows.push({ what, found, isFine });
  console.log(`${isFine ? '✓' : '✗'} ${what}: ${found}`);
};
const folder = mkdtempSync(join(tmpdir(), 'lotus-attack-'));

/** Everything but the full disk, on one server. */
async function attackOne() {
  mkdirSync(join(folder, 'one'), { mode: 0o700 });
  const target = await startTarget(join(folder, 'one'));
  try {
    const requests = Number(values.requests);
    const { sent, accepted, failed, seeds, slowestMs, peakMb, usualMs, besideMs } = await sendMalformed(
      target,
      requests,
      Number(values.seed),
    );
    row(
      `malformed requests answered 5xx, of ${sent}, seeds from ${values.seed}`,
      `${failed}${failed ? `: ${[...seeds].slice(0, 8).join(', ')}` : ''}`,
      failed === 0,
    );
    const refused = await savedAgain(target);
    row(
      'people as they stand after it who could not be saved so',
      `${[refused.length, ...refused.slice(0, 3)].join(' ')} (${accepted} changes were accepted)`,
      refused.length === 0,
    );
    row(
      'p99 of a usual request beside them, of its p99 with as many usual ones beside it',
      `${besideMs.toFixed(1)} ms of ${usualMs.toFixed(1)} ms, ${(besideMs / usualMs).toFixed(2)} times`,
      besideMs < 3 * usualMs,
    );
    row('slowest answer among them', `${Math.round(slowestMs)} ms`, true);
    row('most memory of the server', `${peakMb} MB`, peakMb < 1500);
    for (const { what, status, ms } of await sendHard(target))
      row(what, `${status} in ${Math.round(ms)} ms`, status < 500 && ms < HARD_WITHIN);
    for (const { what, kept, failed: faults } of await saveTogether(target))
      row(`24 at once on ${what}`, `${kept} kept, ${faults} answered 5xx`, kept === 1 && faults === 0);

    for (const { what, perSecond, share } of await compareWithBare(target))
      row(
        `reads a second: ${what}`,
        `${Math.round(perSecond)}, ${(share * 100).toFixed(1)} % of a route that does nothing`,
        share >= SHARES[what],
      );

    const sayKills = (times, of, { acknowledged, lost, doubled, halfWritten }) =>
      row(
        `${times} kills of the ${of}`,
        `${acknowledged} writes acknowledged; ${lost} lost, ${doubled} doubled, ${halfWritten} half-written`,
        acknowledged > times && lost + doubled + halfWritten === 0,
      );
    const kills = Number(values.kills);
    sayKills(kills, 'server', await killWhileWriting(target, target.killServer, kills, 'Heron Vale'));
    const databaseKills = Math.ceil(kills * 0.4);
    const killDatabase = async () => {
      target.killDatabase();
      await wait(600);
    };
    sayKills(
      databaseKills,
      'database',
      await killWhileWriting(target, killDatabase, databaseKills, 'Otter Brook'),
    );

    const logs = target.logs();
    const findings = [
      'Heron Vale',
      'Otter Brook',
      'Together Once',
      'INSERT INTO',
      'evil',
      'Hollis Penny',
    ].filter((words) => logs.includes(words));
    row('names, health or SQL in the logs', findings.join(', ') || '0', !findings.length);
  } finally {
    await target.stop();
  }
}

/** A small disk that is filled to the last byte, and emptied again. */
async function attackDisk() {
  const disk = join(folder, 'disk');
  mkdirSync(disk, { mode: 0o700 });
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${SMALL_DISK_MB}m,mode=700`, 'tmpfs', disk]);
  if (mounted.status !== 0) return row('full disk', 'not tried: only root may make a small one', true);
  let target;
  try {
    target = await startTarget(disk);
    const { base } = target;
    const before = await read(`${base}/people`);
    const ballast = join(disk, 'ballast');
    const { bavail, bsize } = await statfs(disk);
    writeFileSync(ballast, Buffer.alloc(bavail * bsize));
    await wait(1100);
    const refused = await send(`${base}/people`, 'POST', { name: 'Full Disk' });
    const whole = (await read(`${base}/people`)).length === before.length;
    rmSync(ballast);
    await wait(1100);
    const after = await send(`${base}/people`, 'POST', { name: 'Room Again' });
    row(
      'full disk',
      `a write is answered ${refused.status}, ${whole ? 'all' : 'not all'} can be read; ` +
        `with room again ${after.status}`,
      refused.status === 503 && refused.text.includes('MB must be free') && whole && after.status === 201,
    );
  } finally {
    await target?.stop();
    spawnSync('umount', [disk]);
  }
}

await ensurePackages(console.log);
await ensureMariaDb(console.log);
await ensureBuilt(console.log);
try {
  await attackOne();
  await attackDisk();
} finally {
  rmSync(folder, { recursive: true, force: true });
}
const past = rows.filter(({ isFine }) => !isFine).length;
const table = [
  '| what | found |',
  '|---|---|',
  ...rows.map(({ what, found }) => `| ${what} | ${found} |`),
].join('\n');
console.log(`\n${table}\n\n${past ? `${past} past the limit.` : 'Nothing is past its limit.'}`);
// A short run is for trying things out.
if (Number(values.requests) >= 100_000)
  writeFileSync(
    join(ROOT, 'docs/attack.md'),
    [
      '# What it withstands',
      '',
      'Made by `npm run attack`, against a server and a database of its own on one small machine. Requests are made',
      'from seeds, a thousand from each, and can be made again (`--seed`).',
      '',
      table,
      '',
    ].join('\n'),
  );
process.exit(past ? 1 : 0);
