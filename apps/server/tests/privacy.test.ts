/** Who may ask, and what an error says. */
import { ask, baseUrl, withDemoHall } from './client.js';

withDemoHall();

describe('privacy', () => {
  test.each([{ Origin: 'http://elsewhere.example' }, { Origin: 'null' }])(
    'a page from elsewhere is refused: %j',
    async (headers) => {
      const answer = await ask('people', 'GET', undefined, headers as Record<string, string>);
      expect(answer.status).toBe(403);
      expect(answer.text).not.toContain('Ines');
    },
  );
  test('a foreign Host name is refused (a name pointed at this machine)', async () => {
    const { request } = await import('node:http');
    const { port } = new URL(baseUrl());
    const status = await new Promise<number | undefined>((resolve) => {
      request(
        { host: '127.0.0.1', port, path: '/api/people', headers: { Host: 'evil.example' } },
        (response) => resolve(response.resume().statusCode),
      ).end();
    });
    expect(status).toBe(403);
  });
  test('errors never repeat what was entered', async () => {
    const answer = await ask('people', 'POST', {
      name: 'X',
      born: '1990-02-30',
      conditions: [{ condition: 'pregnancy', complications: 'secret-detail' }],
    });
    expect(answer.status).toBe(400);
    expect(answer.text).not.toContain('secret-detail');
  });
});
