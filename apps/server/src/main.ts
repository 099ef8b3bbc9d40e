import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app.js';
import { placeOf } from './common/placeOf.js';
import type { DemoMode } from './demo/demo.service.js';

const problem = (text: string): never => {
  process.send?.({ problem: text });
  if (!process.send) console.error(text);
  process.exit(1);
};

const databaseUrl = process.env.DATABASE_URL ?? problem('DATABASE_URL is missing.');
const port = Number(process.env.PORT ?? 4310);
const demo = (process.env.LOTUS_DEMO ?? 'once') as DemoMode;
const today = process.env.LOTUS_TODAY;
/** A secret that cannot be guessed is as long as this, characters. */
const KEY_LEAST = 32;
/** Where many halls are served, by several servers. */
const hallKey = process.env.LOTUS_HALL_KEY;
if (hallKey && hallKey.length < KEY_LEAST) problem(`LOTUS_HALL_KEY has ${KEY_LEAST} characters or more.`);
/** Where the private database lies, and what is kept beside it. */
const data = process.env.LOTUS_DATA;
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
    web,
    ...(today ? { today } : {}),
    ...(hallKey ? { hallKey } : {}),
    ...(data ? { backups: join(data, 'backups'), disk: { folder: data } } : {}),
  });
  await app.listen(port, '127.0.0.1');
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
