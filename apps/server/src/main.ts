import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';
import { placeOf } from './common/placeOf.js';
import { keyRingIn } from './common/vault.js';
import { NetworkService } from './network/network.service.js';
import type { DemoMode } from './demo/demo.service.js';

const problem = (text: string): never => {
  process.send?.({ problem: text });
  if (!process.send) console.error(text);
  process.exit(1);
};

const databaseUrl = process.env.DATABASE_URL ?? problem('DATABASE_URL is missing.');
const port = Number(process.env.PORT ?? 4310);
const demo = (process.env.LOTUS_DEMO ?? 'once') as DemoMode;
/** Weeks of a past that a demo gets when it is loaded: two years. */
const demoWeeks = Number(process.env.LOTUS_DEMO_WEEKS ?? 104);
const today = process.env.LOTUS_TODAY;
/** This computer alone. */
const LOCAL = '127.0.0.1';
/** A secret that cannot be guessed is as long as this, characters. */
const KEY_LEAST = 32;
/** Where many halls are served, by several servers. */
const hallKey = process.env.LOTUS_HALL_KEY;
if (hallKey && hallKey.length < KEY_LEAST) problem(`LOTUS_HALL_KEY has ${KEY_LEAST} characters or more.`);
/** Where the private database lies, and what is kept beside it. */
const data = process.env.LOTUS_DATA;
/** Where the keys lie that seal what is private: never in the database. */
const keys = process.env.LOTUS_KEYS || (data ? join(data, 'keys.json') : problem('LOTUS_KEYS is missing.'));
/** Other devices are let in where they are listened for; by itself only this computer is. */
const host = process.env.HOST || LOCAL;
const networkPort = Number(process.env.LOTUS_NETWORK_PORT || port + 1);
const names = (process.env.LOTUS_HOSTS ?? '')
  .toLowerCase()
  .split(/[\s,]+/)
  .filter(Boolean);
const { LOTUS_SMTP_URL: smtp, LOTUS_MAIL_FROM: mailFrom } = process.env;
if (Boolean(smtp) !== Boolean(mailFrom)) problem('LOTUS_SMTP_URL and LOTUS_MAIL_FROM go together.');
const { LOTUS_TLS_CERT: certFile, LOTUS_TLS_KEY: keyFile } = process.env;
if (Boolean(certFile) !== Boolean(keyFile)) problem('LOTUS_TLS_CERT and LOTUS_TLS_KEY go together.');
/** Whoever is still being answered then is not waited for any longer, milliseconds. */
const STOPS_WITHIN = 3000;
const web = join(dirname(fileURLToPath(import.meta.url)), '../../web/dist');

/** Why the server cannot start, in one line. */
function whyNot({ code, name, message }: NodeJS.ErrnoException): string {
  if (code === 'EADDRINUSE') return `Port ${port} is taken.`;
  return name.startsWith('Sequelize') ? `The database cannot be used: ${message.split('\n')[0]}` : message;
}

// What nobody expected ends the server, and is written down by where it happened alone.
for (const event of ['uncaughtException', 'unhandledRejection'] as const)
  process.on(event, (error) => {
    console.error(`The server has failed: ${placeOf(error)}`);
    process.exit(1);
  });

try {
  const app = await createApp({
    databaseUrl,
    demo,
    demoWeeks,
    web,
    ...(today ? { today } : {}),
    ...(hallKey ? { hallKey } : {}),
    keys: keyRingIn(keys),
    ...(smtp && mailFrom ? { mail: { url: smtp, from: mailFrom } } : {}),
    network: {
      isOn: host !== LOCAL,
      host: host === LOCAL ? '0.0.0.0' : host,
      port: networkPort,
      names,
      ...(certFile && keyFile
        ? { certificate: { cert: readFileSync(certFile, 'utf8'), key: readFileSync(keyFile, 'utf8') } }
        : {}),
      ...(data ? { folder: data } : {}),
    },
    ...(data ? { backups: join(data, 'backups'), disk: { folder: data } } : {}),
  });
  await app.listen(port, LOCAL);
  const { isOn, addresses, fingerprint } = app.get(NetworkService).status(true);
  if (isOn) console.log(`Other devices: ${addresses.join(' ')} with the fingerprint ${fingerprint}`);
  const stop = (): void => {
    setTimeout(() => process.exit(1), STOPS_WITHIN).unref();
    void app.close().finally(() => process.exit(0));
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
  // The starting program is gone: nothing stays behind.
  process.on('disconnect', stop);
  process.send?.('ready');
} catch (error) {
  problem(whyNot(error as NodeJS.ErrnoException));
}
