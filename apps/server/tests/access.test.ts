/** The guard over real HTTP: a route that says nobody may use it lets nobody in. */
import 'reflect-metadata';
import { Controller, Get, Module } from '@nestjs/common';
import { APP_GUARD, NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { AccessGuard } from '../src/common/access.guard.js';
import { Allow, Context, ContextSource, type RequestContext } from '../src/common/context.js';

@Controller('forgotten')
class ForgottenController {
  @Get() all() {
    return { secret: true };
  }
}

@Allow('owner')
@Controller('said')
class SaidController {
  @Get() who(@Context() { hallId }: RequestContext) {
    return { hallId };
  }
}

class SomeOwner extends ContextSource {
  async of(): Promise<RequestContext> {
    return { hallId: 'one', userId: 'owner', role: 'owner' };
  }
}

@Module({
  controllers: [ForgottenController, SaidController],
  providers: [
    { provide: APP_GUARD, useClass: AccessGuard },
    { provide: ContextSource, useClass: SomeOwner },
  ],
})
class TestModule {}

let app: NestFastifyApplication;
let base = '';
beforeAll(async () => {
  app = await NestFactory.create<NestFastifyApplication>(TestModule, new FastifyAdapter(), { logger: false });
  await app.listen(0, '127.0.0.1');
  base = await app.getUrl();
});
afterAll(() => app.close());

test('a route without a rule is refused to everybody', async () => {
  const answer = await fetch(`${base}/forgotten`);
  expect([answer.status, (await answer.text()).includes('secret')]).toEqual([403, false]);
});

test('a route with one is told who asks', async () => {
  expect(await (await fetch(`${base}/said`)).json()).toEqual({ hallId: 'one' });
});
