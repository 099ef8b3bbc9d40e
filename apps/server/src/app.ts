import 'reflect-metadata';
import { join } from 'node:path';
import { existsSync } from 'node:fs';
import { Controller, Get, Module, ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { SequelizeModule } from '@nestjs/sequelize';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { Sequelize } from 'sequelize-typescript';
import { ClassesModule } from './classes/classes.module.js';
import { migrator } from './database/migrations.js';
import { MODELS } from './database/models.js';
import { DemoService, type DemoMode } from './demo/demo.service.js';
import { FieldsException, fieldsOf } from './http/problems.js';
import { hostCheck } from './http/hostCheck.js';
import { OwnVariantsModule } from './own/own.module.js';
import { PeopleModule } from './people/people.module.js';
import { SequencesModule } from './sequences/sequences.module.js';
import { StudioModule } from './studio/studio.module.js';

export interface AppOptions {
  databaseUrl: string;
  demo: DemoMode;
  /** The day demo dates are counted from, `YYYY-MM-DD`. */
  today: string;
  /** Folder of the built web application, if it is to be served. */
  web?: string;
}

@Controller('api/health')
class HealthController {
  @Get() health() {
    return { ok: true };
  }
}

/**
 * The whole server, migrated and with its demo, not listening yet.
 *
 * @throws where the database cannot be reached
 */
export async function createApp({
  databaseUrl,
  demo,
  today,
  web,
}: AppOptions): Promise<NestFastifyApplication> {
  const { hostname, port, username, password, pathname } = new URL(databaseUrl);
  @Module({
    imports: [
      SequelizeModule.forRoot({
        dialect: 'mariadb',
        host: hostname,
        port: Number(port || 3306),
        username: decodeURIComponent(username),
        password: decodeURIComponent(password),
        database: pathname.slice(1),
        // SQL carries health data: it is never logged.
        models: MODELS,
        logging: false,
        retryAttempts: 1,
        synchronize: false,
        autoLoadModels: false,
      }),
      SequelizeModule.forFeature(MODELS),
      StudioModule,
      PeopleModule,
      SequencesModule,
      OwnVariantsModule,
      ClassesModule,
    ],
    controllers: [HealthController],
    providers: [DemoService],
  })
  class AppModule {}

  const app = await NestFactory.create<NestFastifyApplication>(
    AppModule,
    new FastifyAdapter({ bodyLimit: 2_000_000 }),
    { logger: ['error', 'fatal'], abortOnError: false },
  );
  const fastify = app.getHttpAdapter().getInstance();
  fastify.addHook('onRequest', hostCheck);
  app.useGlobalPipes(
    new ValidationPipe({
      transform: true,
      whitelist: true,
      forbidNonWhitelisted: true,
      exceptionFactory: (errors) => new FieldsException(fieldsOf(errors)),
    }),
  );
  const openApi = SwaggerModule.createDocument(
    app,
    new DocumentBuilder().setTitle('Lotus Steady').setVersion('0.1').build(),
  );
  fastify.get('/api/openapi.json', () => openApi);
  fastify.addHook('onSend', async (request, reply) => {
    reply
      .header('X-Content-Type-Options', 'nosniff')
      .header('Referrer-Policy', 'no-referrer')
      .header('X-Frame-Options', 'DENY');
    if (request.url.startsWith('/api/')) reply.header('Cache-Control', 'no-store');
    else
      reply.header(
        'Content-Security-Policy',
        "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' " +
          "data:; worker-src 'self' blob:; frame-ancestors 'none'",
      );
  });
  if (web && existsSync(web)) {
    const { default: fastifyStatic } = await import('@fastify/static');
    await app.register(
      fastifyStatic as never,
      { root: web, prefix: '/', wildcard: false, index: false } as never,
    );
    // Every path that is no file and no API is a screen.
    fastify.get('/*', (request, reply) => {
      if (request.url.startsWith('/api/') || /\.\w+$/.test(request.url.split('?')[0]!))
        return reply.code(404).send({ statusCode: 404, message: 'There is nothing here.' });
      return (reply as unknown as { sendFile(name: string, root: string): unknown }).sendFile(
        'index.html',
        join(web),
      );
    });
  }
  await migrator(app.get(Sequelize)).up();
  await app.get(DemoService).load(demo, today);
  return app;
}
