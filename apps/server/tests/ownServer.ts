/** A server on a database of its own, for what must not happen to the one that other tests share. */
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { Sequelize } from 'sequelize-typescript';
import { createApp, type AppOptions } from '../src/app.js';
import { BUILT_TASKS, KEYS, TODAY } from './client.js';

export interface OwnServer {
  app: NestFastifyApplication;
  base: string;
  sequelize: Sequelize;
  stop: () => Promise<void>;
}

/** @param name of the database, small letters */
export async function ownServer(name: string, options: Partial<AppOptions> = {}): Promise<OwnServer> {
  const shared = process.env.DATABASE_URL ?? '';
  const url = new URL(shared);
  url.pathname = `/lotus_steady_${name}`;
  const server = new Sequelize(shared, { logging: false });
  await server.query(`DROP DATABASE IF EXISTS lotus_steady_${name}`);
  await server.query(`CREATE DATABASE lotus_steady_${name} CHARACTER SET utf8mb4`);
  await server.close();
  const app = await createApp({
    databaseUrl: url.href,
    demo: 'none',
    today: TODAY,
    tasks: BUILT_TASKS,
    keys: KEYS,
    ...options,
  });
  await app.listen(0, '127.0.0.1');
  const sequelize = new Sequelize(url.href, { logging: false });
  return {
    app,
    base: await app.getUrl(),
    sequelize,
    stop: async () => {
      await sequelize.close();
      await app.close();
    },
  };
}
