/** HAProxy in front of the servers of several machines. */
import { spawn, spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PlainError } from '../machine.mjs';
import { freePort } from '../freePort.mjs';

/**
 * A hall stays with one server while that is well, so that it meets nobody there but itself. A server is asked how it
 * is, and it asks its node; what it could not answer goes to another: reading always, a change where it has a key.
 */
const configuration = (port, machines) => `global
  maxconn 4000
  tune.bufsize 65536

defaults
  mode http
  timeout connect 1s
  timeout client 60s
  timeout server 60s
  timeout check 2s
  retries 3
  option redispatch 1
  retry-on conn-failure empty-response response-timeout 502 503 504

frontend halls
  bind 127.0.0.1:${port}
  option http-buffer-request
  http-request disable-l7-retry unless { method GET HEAD } or { req.hdr(Idempotency-Key) -m found }
  default_backend servers

backend servers
  balance hdr(Authorization)
  hash-type consistent
  option httpchk
  http-check send meth GET uri /api/health hdr Host 127.0.0.1
  http-check expect status 200
  default-server check inter 500ms fastinter 200ms downinter 500ms fall 2 rise 2
${machines.map(({ name, port: at }) => `  server ${name} 127.0.0.1:${at}`).join('\n')}
`;

/** @returns where it answers, and how to end it */
export async function startProxy(folder, machines) {
  const port = await freePort();
  const file = join(folder, 'haproxy.cfg');
  writeFileSync(file, configuration(port, machines), { mode: 0o600 });
  const checked = spawnSync('haproxy', ['-c', '-f', file], { encoding: 'utf8' });
  if (checked.status !== 0) throw new PlainError(`HAProxy does not take its settings: ${checked.stderr}`);
  const proxy = spawn('haproxy', ['-db', '-f', file], { stdio: 'ignore' });
  const ended = new Promise((resolve) => proxy.once('exit', resolve));
  return {
    base: `http://127.0.0.1:${port}/api`,
    pid: proxy.pid,
    async stop() {
      proxy.kill('SIGTERM');
      await ended;
    },
  };
}
