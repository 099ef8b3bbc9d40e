/** Changes that were not answered, sent again to a server that listens on this machine. */
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { sentOnce } from '../../src/data/sentOnce.js';

let server: Server;
let keys: (string | undefined)[] = [];
/** What the next requests are answered: a status, or nothing at all. */
let answers: (number | 'nothing')[] = [];
beforeAll(
  () =>
    new Promise<void>((resolve) => {
      server = createServer((request, response) => {
        keys.push(request.headers['idempotency-key'] as string | undefined);
        const answer = answers.shift() ?? 200;
        if (answer === 'nothing') request.socket.destroy();
        else request.resume().on('end', () => response.writeHead(answer).end());
      }).listen(0, '127.0.0.1', resolve);
    }),
);
afterAll(() => server.close());
beforeEach(() => {
  keys = [];
});

const ask = async (method: string, init: RequestInit = {}): Promise<number> => {
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;
  const body = method === 'GET' ? {} : { body: '{"name":"Wren"}' };
  return (await sentOnce(new Request(url, { method, ...body, ...init }), [5, 5])).status;
};

test('is sent again under its key until it is answered', async () => {
  answers = ['nothing', 503];
  expect(await ask('POST')).toBe(200);
  expect(keys).toHaveLength(3);
  expect(new Set(keys).size).toBe(1);
  expect(keys[0]).toMatch(/^[0-9a-f-]{36}$/);
});

test('what was refused is not, and every change has a key of its own', async () => {
  answers = [409, 400];
  expect([await ask('PUT'), await ask('PUT')]).toEqual([409, 400]);
  expect(new Set(keys).size).toBe(2);
});

test('it is given up, with the last answer, or none', async () => {
  answers = [503, 503, 503];
  expect(await ask('DELETE')).toBe(503);
  answers = ['nothing', 'nothing', 'nothing'];
  await expect(ask('DELETE')).rejects.toThrow('fetch failed');
  expect(keys).toHaveLength(6);
});

test('what is called off is not sent again; reading is left to who reads', async () => {
  const called = new AbortController();
  called.abort();
  await expect(ask('POST', { signal: called.signal })).rejects.toThrow('aborted');
  answers = [503];
  expect(await ask('GET')).toBe(503);
  expect(keys).toEqual([undefined]);
});
