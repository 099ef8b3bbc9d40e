/** `npm run contract`: prints the contract. Nothing is connected to. */
import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter } from '@nestjs/platform-fastify';
import { AppModule } from './app.module.js';
import { Clock } from './common/clock.js';
import { newKeyRing, Vault } from './common/vault.js';
import { openApiOf } from './openApi.js';
import { WorkPool } from './threads/workPool.js';

const ring = newKeyRing();
const app = await NestFactory.create(
  AppModule.on({
    databaseUrl: 'mariadb://nobody@127.0.0.1/none',
    clock: new Clock(),
    work: new WorkPool(new URL('./threads/tasks.js', import.meta.url)),
    vault: new Vault(ring),
    ring,
  }),
  new FastifyAdapter(),
  { preview: true, logger: false },
);
process.stdout.write(JSON.stringify(openApiOf(app), null, 2), () => process.exit(0));
