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
  test.each([
    ['cross-site', 403],
    ['same-site', 403],
    ['same-origin', 200],
    ['none', 200],
  ])('data is given to our own pages alone: Sec-Fetch-Site %s is %i', async (site, status) => {
    expect((await ask('people', 'GET', undefined, { 'Sec-Fetch-Site': site })).status).toBe(status);
  });
  test('of two Host headers none is believed', async () => {
    const { connect } = await import('node:net');
    const { port, host } = new URL(baseUrl());
    const answer = await new Promise<string>((resolve) => {
      let text = '';
      const socket = connect(Number(port), '127.0.0.1', () =>
        socket.write(
          `GET /api/people HTTP/1.1\r\nHost: ${host}\r\nHost: evil.example\r\nConnection: close\r\n\r\n`,
        ),
      );
      socket.on('data', (chunk) => {
        text += chunk.toString();
      });
      socket.on('close', () => resolve(text));
    });
    expect(answer).toMatch(/^HTTP\/1\.1 40[03] /);
    expect(answer).not.toContain('Ines');
  });
  test('what a browser is told not to do with what it is given', async () => {
    const { headers } = await fetch(`${baseUrl()}/api/hall`);
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('cache-control')).toBe('no-store');
  });
});
