/** What the record of classes proposes for somebody, and what is decided about it. */
import { TODAY, ask, fieldsOf, fit, peopleByName, withDemoHall } from './client.js';

withDemoHall();

interface Proposed {
  key: string;
  what: string;
  limit: { kind: string; side?: string; most?: number; by: string; why?: string };
  seen?: { place: string; sure: number };
}

const sequenceText =
  '# Small\nminutes: 20\n- Mountain, 20 s\n- Downward-facing dog, 5 breaths\n- Final rest, 5 min\n';

/** A class that Ines came to, with what hurt in it. */
async function taught(on: string, personId: string, changes: object[], more: object = {}): Promise<string> {
  const people = [{ id: personId }];
  const { json } = await ask('classes', 'POST', { title: 'Small', on, sequenceText, people });
  const record = { personId, came: true, effort: 2, changes, word: 'Wrists.', ...more };
  const saved = await ask(`classes/${json.id as string}/record`, 'PUT', { records: [record] });
  expect(saved.status).toBe(200);
  return json.id as string;
}
const proposed = async (id: string) =>
  (await ask(`people/${id}/proposals`)).json as unknown as { proposals: Proposed[]; decided: object[] };

test('a wrist that hurt twice proposes no weight on that hand; taken over, the next fitting keeps to it', async () => {
  const id = (await peopleByName())['Ines Fallow']!;
  expect((await proposed(id)).proposals).toEqual([]);
  const hurt = [{ step: 2, what: 'stopped', where: 'wrist-left', word: 'at once' }];
  await taught('2026-11-09', id, hurt);
  await taught('2026-11-16', id, hurt);
  const {
    proposals: [one],
  } = await proposed(id);
  expect(one).toMatchObject({
    what: 'limit',
    limit: { kind: 'no-hands', side: 'left', by: 'what happened in class' },
    seen: { place: 'wrist-left' },
  });
  expect(one!.seen!.sure).toBeGreaterThan(0.5);

  const coming = await ask('classes', 'POST', {
    ...{ title: 'Next', on: TODAY, sequenceText, people: [{ id }] },
  });
  const last = await ask(`classes/${coming.json.id as string}/last`);
  expect(last.json).toEqual([
    expect.objectContaining({
      ...{ personId: id, on: '2026-11-16', effort: 2, word: 'Wrists.' },
      changes: [{ pose: 'downward-facing-dog', what: 'stopped', where: 'wrist-left', word: 'at once' }],
    }),
  ]);

  const forClass = async () => (await ask(`classes/${coming.json.id as string}/proposals`)).json as unknown;
  expect(await forClass()).toEqual([{ personId: id, name: 'Ines Fallow', proposals: [one] }]);

  const { version } = (await ask(`people/${id}`)).json as { version: number };
  const answer = (body: object) =>
    ask(`people/${id}/proposals`, 'PUT', { key: one!.key, ...body }, { 'If-Match': `"${version}"` });
  const silent = await answer({ answer: 'declined' });
  expect([silent.status, fieldsOf(silent)]).toEqual([400, ['reason']]);
  expect((await answer({ answer: 'taken', reason: 'she agrees' })).status).toBe(200);
  expect((await answer({ answer: 'taken' })).status).toBe(409);
  const { limits } = (await ask(`people/${id}`)).json as { limits: Proposed['limit'][] };
  expect(limits).toEqual([
    expect.objectContaining({
      kind: 'no-hands',
      why: 'left wrist or hand hurt in Downward-facing dog (9 November, 16 November); she agrees',
    }),
  ]);
  expect((await proposed(id)).proposals).toEqual([]);
  expect(await forClass()).toEqual([]);
  expect((await proposed(id)).decided).toMatchObject([{ answer: 'taken', on: TODAY }]);

  const fitted = await fit({ on: TODAY, sequenceText, people: [{ id }] });
  const [lane] = fitted.json.lanes as { steps: { step: number }[] }[];
  const dog = JSON.stringify(lane!.steps.filter(({ step }) => step === 2));
  expect(dog).toContain('left wrist or hand hurt in Downward-facing dog');
});

test('what is declined comes back with something new only', async () => {
  const id = (await peopleByName())['Tam Orrin']!;
  const hurt = [{ step: 2, what: 'eased', where: 'shoulder-right' }];
  await taught('2026-11-09', id, hurt);
  const {
    proposals: [one],
  } = await proposed(id);
  const { version } = (await ask(`people/${id}`)).json as { version: number };
  const put = (body: object) => ask(`people/${id}/proposals`, 'PUT', body, { 'If-Match': `"${version}"` });
  expect((await put({ key: one!.key, answer: 'declined', reason: 'He had rowed.' })).status).toBe(200);
  expect((await proposed(id)).proposals).toEqual([]);
  await taught('2026-11-16', id, hurt);
  expect((await proposed(id)).proposals).toHaveLength(1);
});

test('pain that is up without a place is asked about; the answer is told before the next class', async () => {
  const id = (await peopleByName())['Bram Sedgely']!;
  const classId = await taught('2026-11-16', id, [], { painBefore: 1, painAfter: 5 });
  const one = (await proposed(id)).proposals.find(({ what }) => what === 'ask')!;
  expect(one).toMatchObject({ by: 4, flares: [{ on: '2026-11-16', classId }] });
  const { version } = (await ask(`people/${id}`)).json as { version: number };
  const put = (body: object) =>
    ask(`people/${id}/proposals`, 'PUT', { key: one.key, ...body }, { 'If-Match': `"${version}"` });
  expect(fieldsOf(await put({ answer: 'taken' }))).toEqual(['answer']);
  expect(fieldsOf(await put({ answer: 'asked', reason: ' ' }))).toEqual(['reason']);
  expect((await put({ answer: 'asked', reason: 'a long drive before' })).status).toBe(200);
  const people = [{ id }];
  const next = await ask('classes', 'POST', { title: 'Next', on: TODAY, sequenceText, people });
  expect((await ask(`classes/${next.json.id as string}/remembered`)).json).toMatchObject([
    { personId: id, decided: [{ answer: 'asked', reason: 'a long drive before' }] },
  ]);
});

test('a block gets lower after three easy times, and never lower than a measured range allows', async () => {
  const id = (await peopleByName())['Edda Wick']!;
  const text = '# Twist\nminutes: 15\n- Supine twist (knees on a block), 5 breaths\n- Final rest, 5 min\n';
  await ask(`people/${id}/props`, 'PUT', {
    ...{ task: 'twist-knees', heightCm: 15, words: 'a block', on: '2026-11-01' },
  });
  for (const on of ['2026-11-02', '2026-11-09', '2026-11-16']) {
    const { json } = await ask('classes', 'POST', {
      title: 'Twist',
      on,
      sequenceText: text,
      people: [{ id }],
    });
    const records = [{ personId: id, came: true, effort: 2, changes: [], word: '' }];
    expect((await ask(`classes/${json.id as string}/record`, 'PUT', { records })).status).toBe(200);
  }
  const lower = async () => (await proposed(id)).proposals.find(({ what }) => what === 'lower-prop');
  expect(await lower()).toMatchObject({ task: 'twist-knees', from: 15, to: 10 });
  const {
    version,
    id: _id,
    records: _records,
    propNotes: _notes,
    ...person
  } = (await ask(`people/${id}`)).json;
  const stiff = { ...person, ranges: { ...(person.ranges as object), thoracicTwist: 10, lumbarTwist: 3 } };
  const saved = await ask(`people/${id}`, 'PUT', stiff, { 'If-Match': `"${version as number}"` });
  expect(saved.status).toBe(200);
  expect(await lower()).toBeUndefined();
});
