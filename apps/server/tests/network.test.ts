/** Other devices: an encrypted door with known names, opened and closed at this computer. */
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { request, type RequestOptions } from 'node:https';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { certificateIn, fingerprintOf, isGoodFor, newCertificate } from '../src/network/certificate.js';
import { Browser } from './browser.js';
import { ownServer, type OwnServer } from './ownServer.js';

interface FreePort {
  freePort: () => Promise<number>;
}

const folder = mkdtempSync(join(tmpdir(), 'lotus-network-'));
let port = 0;
let server: OwnServer;
let owner: Browser;

beforeAll(async () => {
  const { freePort } = (await import('../../../scripts/lib/freePort.mjs' as string)) as FreePort;
  port = await freePort();
  const network = { isOn: false, host: '127.0.0.1', port, names: ['hall.example'], folder };
  server = await ownServer('network', { demo: 'fresh', network });
  owner = new Browser(server.base);
  await owner.ask('session/demo', 'POST');
});
afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

/** Asks at the encrypted door, by a name that is put into the Host header. */
const at = (name: string, more: RequestOptions = {}) =>
  new Promise<{ status: number; cookies: string[]; fingerprint: string; text: string }>((resolve, reject) => {
    const options = { host: '127.0.0.1', port, path: '/api/session', rejectUnauthorized: false, ...more };
    const sent = request({ ...options, headers: { Host: `${name}:${port}`, ...more.headers } }, (answer) => {
      let text = '';
      const { fingerprint256 } = (
        answer.socket as unknown as { getPeerCertificate: () => { fingerprint256: string } }
      ).getPeerCertificate();
      answer.on('data', (chunk: Buffer) => {
        text += chunk.toString();
      });
      answer.on('end', () =>
        resolve({
          status: answer.statusCode!,
          cookies: answer.headers['set-cookie'] ?? [],
          fingerprint: fingerprint256,
          text,
        }),
      );
    });
    sent.on('error', reject).end();
  });

test('by itself nothing but this computer is let in', async () => {
  await expect(at('localhost')).rejects.toThrow(/ECONNREFUSED/);
  expect((await owner.ask('network')).json).toEqual({
    isOn: false,
    isSetAtStart: false,
    isHere: true,
    addresses: [],
    hasOwnCertificate: true,
  });
});

test('switched on, it answers to its names with the certificate that is shown, and to no other', async () => {
  const { json } = await owner.ask('network', 'PUT', { isOn: true });
  expect(json.isOn).toBe(true);
  expect(json.addresses).toContain(`https://hall.example:${port}/`);
  const seen = await at('hall.example');
  expect([seen.status, seen.fingerprint]).toEqual([200, json.fingerprint]);
  for (const name of ['evil.example', 'hall.example.evil.example', '10.9.8.7'])
    expect((await at(name)).status).toBe(403);
  expect((await at('hall.example', { headers: { Origin: 'https://evil.example' } })).status).toBe(403);
  const cookies = (await at('hall.example', { path: '/api/session/demo', method: 'POST' })).cookies;
  for (const cookie of cookies) expect(cookie).toMatch(/^__Host-lotus-.*Secure/);
  expect((await at('hall.example', { path: '/api/people' })).status).toBe(401);
});

test('a wrong name on the plain door is still refused', async () => {
  const answer = await fetch(`${server.base}/api/session`, { headers: { Origin: 'https://hall.example' } });
  expect(answer.status).toBe(403);
});

test('switched off whoever is connected is cut off', async () => {
  expect((await owner.ask('network', 'PUT', { isOn: false })).json.isOn).toBe(false);
  await expect(at('hall.example')).rejects.toThrow(/ECONNREFUSED/);
});

test('a taken port is said, and the plain door goes on', async () => {
  const taken = createServer().listen(port, '127.0.0.1');
  await new Promise((resolve) => taken.once('listening', resolve));
  const { status, json } = await owner.ask('network', 'PUT', { isOn: true });
  expect([status, json.message]).toEqual([409, expect.stringContaining('LOTUS_NETWORK_PORT')]);
  await new Promise((resolve) => taken.close(resolve));
  expect((await owner.ask('people')).status).toBe(200);
});

test('a certificate is for the names it has, is kept, and is made anew before it ends', async () => {
  const names = ['10.1.2.3', 'hall.local'];
  const path = join(folder, 'kept.json');
  const made = await certificateIn(path, names);
  const read = new X509Certificate(made.cert);
  expect([read.checkIP('10.1.2.3'), read.checkHost('hall.local'), read.checkHost('evil.example')]).toEqual([
    '10.1.2.3',
    'hall.local',
    undefined,
  ]);
  expect(read.ca).toBe(false);
  expect(fingerprintOf(await certificateIn(path, names))).toBe(fingerprintOf(made));
  expect(fingerprintOf(await certificateIn(path, [...names, '10.1.2.4']))).not.toBe(fingerprintOf(made));
  const old = await newCertificate(names, Date.now() - 390 * 24 * 3600 * 1000);
  expect(isGoodFor(old, names)).toBe(false);
});
