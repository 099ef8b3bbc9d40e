/** The demo removed on the screen is gone, with its teacher, and does not come back by itself. */
import { createApp } from '../src/app.js';
import { Browser } from './browser.js';
import { BUILT_TASKS, KEYS, TODAY } from './client.js';
import { ownServer } from './ownServer.js';

test('removed once, it stays away at the next start; a first owner may begin', async () => {
  const server = await ownServer('demo_gone', { demo: 'fresh' });
  const url = new URL(process.env.DATABASE_URL ?? '');
  url.pathname = '/lotus_steady_demo_gone';
  try {
    const teacher = new Browser(server.base);
    expect((await teacher.ask('session/demo', 'POST')).json.hall.isDemo).toBe(true);
    // Whoever sits here opens the demo: no hall of somebody's own is to be opened with it.
    const own = await teacher.ask('session/halls', 'POST', { hall: 'Heron Loft' });
    const { secret } = (await teacher.ask('members/invitations', 'POST', { name: 'Ash', role: 'teacher' }))
      .json as { secret: string };
    const joined = await teacher.ask('links/join', 'POST', { secret });
    expect([own.status, joined.status]).toEqual([403, 403]);
    expect((await teacher.ask('session')).json.halls).toHaveLength(1);
    expect((await teacher.ask('session/demo', 'DELETE')).status).toBe(204);
    expect((await teacher.ask('people')).status).toBe(401);
    const again = await createApp({
      databaseUrl: url.href,
      demo: 'once',
      today: TODAY,
      tasks: BUILT_TASKS,
      keys: KEYS,
    });
    await again.listen(0, '127.0.0.1');
    const next = new Browser(await again.getUrl());
    expect((await next.ask('session')).json).toEqual({ halls: [], begin: { hall: 'first' } });
    expect((await next.ask('session/demo', 'POST')).status).toBe(404);
    await again.close();
  } finally {
    await server.stop();
  }
});
