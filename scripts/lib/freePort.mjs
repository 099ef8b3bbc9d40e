import { randomInt } from 'node:crypto';
import { createServer } from 'node:net';

/**
 * Ports that no system gives to connections on their way out (Linux takes those from 32768 on,
 * others from 49152): a port from here is still free when a server comes up some seconds later.
 */
const FROM = 20_000;
const TO = 30_000;
const given = new Set();

const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** A free port on loopback, which stays free until who asked for it listens there. */
export async function freePort() {
  for (;;) {
    const port = randomInt(FROM, TO);
    if (given.has(port) || !(await isFree(port))) continue;
    given.add(port);
    return port;
  }
}
