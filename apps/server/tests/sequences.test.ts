/** The library: what is written is kept as it is written, with how it was before. */
import { ask, withDemoHall } from './client.js';

withDemoHall();

const changed = (id: string, version: number, body: object) =>
  ask(`sequences/${id}`, 'PUT', body, { 'If-Match': `"${version}"` });

test('a text is kept with what is asked about in it, tagged, put away, and taken up again', async () => {
  const made = await ask('sequences', 'POST', {
    source: '# Tides\n- blargh flop\n- Tree',
    tags: ['balance'],
  });
  expect(made.status).toBe(201);
  const { id, version } = made.json as { id: string; version: number };
  expect((await ask(`sequences/${id}`)).json).toMatchObject({
    title: 'Tides',
    source: '# Tides\n- blargh flop\n- Tree',
    tags: ['balance'],
    archived: false,
    version: 1,
  });
  expect((await changed(id, version, { archived: true })).status).toBe(200);
  const line = ((await ask('sequences')).json as { id: string; archived: boolean }[]).find(
    (one) => one.id === id,
  );
  expect(line).toMatchObject({ archived: true });
});

test.each(['source', 'title', 'tags', 'archived'])(
  '%s that is nothing is refused, or changes nothing',
  async (field) => {
    const { id } = (await ask('sequences', 'POST', { source: '# Tides\n- Tree' })).json as { id: string };
    const { status } = await changed(id, 1, { [field]: null });
    expect(status).toBeLessThan(500);
    expect((await ask(`sequences/${id}`)).json).toMatchObject({
      title: 'Tides',
      source: '# Tides\n- Tree',
      tags: [],
      archived: false,
    });
  },
);

test('how it was is put aside when it is changed, and not at every key', async () => {
  const { id } = (await ask('sequences', 'POST', { source: '# Tides\n- Tree' })).json as { id: string };
  for (let version = 1; version <= 3; version++)
    expect((await changed(id, version, { source: `# Tides ${version}\n- Tree` })).json.version).toBe(
      version + 1,
    );
  const kept = (await ask(`sequences/${id}/versions`)).json as { version: number; title: string }[];
  expect(kept).toMatchObject([{ version: 1, title: 'Tides' }]);
  expect((await ask(`sequences/${id}/versions/1`)).json.source).toBe('# Tides\n- Tree');
  // Tags are no other text.
  await changed(id, 4, { tags: ['evening'] });
  expect((await ask(`sequences/${id}/versions`)).json).toHaveLength(1);
  expect((await ask(`sequences/${id}/versions/2`)).status).toBe(404);
});

test.each([
  [{ source: '' }, 'A sequence has at least one line'],
  [{ tags: ['x'.repeat(41)] }, 'A tag has up to forty letters'],
  [{ tags: 'balance' }, ''],
  [{ archived: 'yes' }, ''],
])('%j is refused in words', async (body, says) => {
  const { id } = (await ask('sequences', 'POST', { source: '# Tides\n- Tree' })).json as { id: string };
  const answer = await changed(id, 1, body);
  expect(answer.status).toBe(400);
  expect(JSON.stringify(answer.json)).toContain(says);
});
