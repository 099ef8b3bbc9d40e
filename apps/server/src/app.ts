import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { Sequelize } from 'sequelize-typescript';
import { AppModule } from './app.module.js';
import { Clock } from './common/clock.js';
import { Vault, type KeyRing } from './common/vault.js';
import { diskCheck, type Disk } from './common/diskSpace.js';
import { hostCheck } from './common/hostCheck.js';
import { FieldsException, fieldsOf } from './common/problems.js';
import { sizeCheck } from './common/sizeCheck.js';
import { serveWeb } from './common/serveWeb.js';
import { untilInStep } from './database/inStep.js';
import { withLease } from './database/lease.js';
import { migrate } from './database/migrate.js';
import { DOCUMENT_KINDS, DOCUMENT_MOST } from './documents/kinds.js';
import { DemoPast } from './demo/demoPast.service.js';
import { DemoService, type DemoMode } from './demo/demo.service.js';
import { NetworkService, type NetworkSetting } from './network/network.service.js';
import { openApiOf } from './openApi.js';
import { KeyCheck } from './store/keyCheck.js';
import { SealedRows } from './store/sealedRows.js';
import { OwnVariantService } from './own-variants/ownVariant.service.js';
import { WorkPool, type WorkLimits } from './threads/workPool.js';
import type { MailSetting } from './mail/postman.js';

export interface AppOptions {
  databaseUrl: string;
  demo: DemoMode;
  /** Weeks of a past that a demo gets when it is loaded; none unless given. */
  demoWeeks?: number;
  /** The day that it always is, `YYYY-MM-DD`; the real one unless given. */
  today?: string;
  /** Folder of the built web application, if it is to be served. */
  web?: string;
  /** The built file of what threads do, and what it may take. */
  tasks?: URL;
  workLimits?: Partial<WorkLimits>;
  /** Folder of the copies that are made before the tables are changed; without it none are. */
  backups?: string;
  /** The secret of the halls' tokens, where several servers serve many halls from one database. */
  hallKey?: string;
  /** What seals what is private in the database, and lies outside of it. */
  keys: KeyRing;
  /** How other devices reach this computer; without it they never do. */
  network?: NetworkSetting;
  /** The mail server that is sent through; without it all stays in the outbox. */
  mail?: MailSetting;
  /** The disk that the database writes to, where it is this machine's. */
  disk?: Disk;
}

/** The largest request that is read, bytes. */
const BODY_MOST = 2_000_000;

/** Nothing but our own files, nothing written into a page, no frame around it. */
const CONTENT_SECURITY = [
  "default-src 'none'",
  ...['script', 'style', 'font', 'connect', 'worker', 'manifest'].map((kind) => `${kind}-src 'self'`),
  "img-src 'self' data:",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');

const WORKER = /\/(worker-[\w-]+|sw)\.js$/;

/** What no page of ours asks a browser for. */
const NOT_USED = ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'display-capture']
  .map((feature) => `${feature}=()`)
  // A cuff that measures blood pressure.
  .concat('bluetooth=(self)')
  .join(', ');

/**
 * The whole server, migrated and with its demo, not listening yet.
 *
 * @throws where the database cannot be reached
 */
export async function createApp({
  databaseUrl,
  demo,
  demoWeeks = 0,
  today,
  web,
  tasks = new URL('./threads/tasks.js', import.meta.url),
  workLimits,
  backups,
  disk,
  hallKey,
  keys,
  network,
  mail,
}: AppOptions): Promise<NestFastifyApplication> {
  const app = await NestFactory.create<NestFastifyApplication>(
    AppModule.on({
      databaseUrl,
      clock: new Clock(today),
      work: new WorkPool(tasks, workLimits),
      vault: new Vault(keys),
      ring: keys,
      ...(hallKey ? { hallKey } : {}),
      ...(network ? { network } : {}),
      ...(backups ? { backups } : {}),
      ...(mail ? { mail } : {}),
    }),
    new FastifyAdapter({ bodyLimit: BODY_MOST }),
    { logger: ['error', 'fatal'], abortOnError: false },
  );
  const fastify = app.getHttpAdapter().getInstance();
  for (const kind of Object.keys(DOCUMENT_KINDS))
    app.useBodyParser(kind, { bodyLimit: DOCUMENT_MOST }, (_request, body, done) => done(null, body));
  const { default: compress } = await import('@fastify/compress');
  await app.register(compress as never, { encodings: ['br', 'gzip'] } as never);
  const { default: cookie } = await import('@fastify/cookie');
  await app.register(cookie as never);
  const door = app.get(NetworkService);
  fastify.addHook(
    'onRequest',
    hostCheck(() => door.names()),
  );
  fastify.addHook('preValidation', sizeCheck);
  if (disk) fastify.addHook('preValidation', diskCheck(disk));
  fastify.addHook('onSend', async (request, reply) => {
    reply.header('X-Content-Type-Options', 'nosniff').header('Cross-Origin-Resource-Policy', 'same-origin');
    if (request.url.startsWith('/api/')) reply.header('Cache-Control', 'no-store');
    // What a page may do; a worker takes it from its own file, all other files from the page they are in.
    const isPage = String(reply.getHeader('Content-Type')).startsWith('text/html');
    if (!isPage && !WORKER.test(request.url)) return;
    reply
      .header('Content-Security-Policy', CONTENT_SECURITY)
      .header('Permissions-Policy', NOT_USED)
      .header('Cross-Origin-Opener-Policy', 'same-origin')
      .header('Referrer-Policy', 'no-referrer')
      .header('X-Frame-Options', 'DENY');
  });
  app.useGlobalPipes(
    new ValidationPipe({
      transform: true,
      whitelist: true,
      forbidNonWhitelisted: true,
      exceptionFactory: (errors) => new FieldsException(fieldsOf(errors)),
    }),
  );
  const openApi = openApiOf(app);
  fastify.get('/api/openapi.json', () => openApi);
  if (web && existsSync(web)) await serveWeb(app, web);
  const sequelize = app.get(Sequelize);
  const keyCheck = app.get(KeyCheck);
  const prepare = async (): Promise<void> => {
    await migrate(sequelize, app.get(Vault), databaseUrl, backups);
    await app.get(OwnVariantService).measureAnew();
    await app.get(SealedRows).turn();
    await keyCheck.remember();
  };
  if (hallKey) await untilInStep(sequelize);
  // Whatever is there goes when the demo is loaded anew.
  if (demo !== 'fresh') await keyCheck.check();
  if (hallKey) {
    await withLease(sequelize, prepare);
  } else {
    await prepare();
    await app.get(DemoService).load(demo, demoWeeks);
    app.get(DemoPast).begin();
  }
  await door.begin();
  return app;
}
