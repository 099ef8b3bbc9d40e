/** A hall of one's own in which something private is everywhere where something private can be. */
import { randomUUID } from 'node:crypto';
import { Browser } from './browser.js';
import { TODAY } from './client.js';
import { ownServer, type OwnServer } from './ownServer.js';

export const PASSWORD = 'herring gulls at dawn';
/** What nobody may find in a stolen database: whatever is said of somebody has one of these in it. */
export const PRIVATE = [
  'glaucoma',
  'high-blood-pressure',
  'zinnia',
  'marigold',
  'larkspur',
  'foxglove',
  'campion',
  'teasel',
  'yarrow',
  'sorrel',
];

const SEQUENCE = '# Two steps\n- Downward-facing dog, 5 breaths\n- Boat, 5 breaths';

export const INCIDENT = {
  ...{ on: TODAY, time: '18:20', what: 'foxglove', where: 'knee-left', doing: 'Tree', done: 'sorrel' },
  ...{ called: 'yarrow', seenBy: '', followUpOn: '2026-11-30', followUp: 'teasel', outcome: '' },
  isClosed: false,
};

export interface FullHall {
  server: OwnServer;
  owner: Browser;
  /** Perrin Lake, of whom everything is known, and Nell Harbin. */
  perrin: string;
  nell: string;
  /** Both are down for it, and it was recorded. */
  classId: string;
}

export async function fullHall(name: string, server?: OwnServer): Promise<FullHall> {
  server ??= await ownServer(name);
  const owner = new Browser(server.base);
  const first = { hall: 'Curlew House', name: 'Wren Addleby', signIn: 'wren', password: PASSWORD };
  await owner.ask('session/first', 'POST', first);
  const made = async (path: string, body: object | undefined, method = 'POST', more = {}) => {
    const { status, text, json } = await owner.ask(path, method, body, more);
    if (status >= 300) throw new Error(`${path}: ${status} ${text}`);
    return json;
  };
  const { id: perrin } = await made('people', {
    name: 'Perrin Lake',
    conditions: [{ condition: 'glaucoma' }, { condition: 'high-blood-pressure', control: 'uncontrolled' }],
    limits: [{ kind: 'no-floor', by: 'herself', why: 'zinnia' }],
    intake: { why: 'marigold' },
  });
  const { id: nell } = await made('people', { name: 'Nell Harbin', intake: { why: 'teasel' } });
  const { id: classId } = await made('classes', {
    title: 'Two steps',
    on: TODAY,
    sequenceText: SEQUENCE,
    people: [{ id: perrin, today: { pain: 3, news: 'larkspur' } }, { id: nell }],
    choices: {
      overrides: [{ personId: nell, step: 1, variant: 'downward-facing-dog.full', reason: 'sorrel' }],
    },
  });
  const hurt = { step: 2, what: 'stopped', where: 'hip-right', word: 'teasel' };
  const records = [
    { personId: perrin, came: true, painBefore: 3, painAfter: 1, changes: [hurt], word: 'foxglove' },
    { personId: nell, came: true, changes: [], word: 'yarrow' },
  ];
  await made(`classes/${classId}/record`, { records }, 'PUT', { 'If-Match': '"1"' });
  await made(
    `people/${perrin}/props`,
    { task: 'thigh-roll', heightCm: 9, words: 'campion', on: TODAY },
    'PUT',
  );
  await made(
    `classes/${classId}/marks/${randomUUID()}`,
    { personId: perrin, step: 1, given: 'less-far', at: 500 },
    'PUT',
  );
  await made(`people/${perrin}/incidents`, { ...INCIDENT, classId });
  const { proposals } = await made(`people/${perrin}/proposals`, undefined, 'GET');
  const declined = { key: proposals[0].key as string, answer: 'declined', reason: 'campion' };
  await made(`people/${perrin}/proposals`, declined, 'PUT', { 'If-Match': '"1"' });
  const spots = [{ personId: perrin, xCm: 300, yCm: 300, heading: 0 }];
  await made(`classes/${classId}/spots`, { spots }, 'PUT');
  const has = ['wall', 'chair', 'blanket'];
  const { draft } = await made(`people/${nell}/home/draft`, { classId, has });
  const steps = [{ step: draft.steps[0].step as number, note: 'campion' }];
  const home = { classId, has, steps, words: 'larkspur', whom: 'teasel', until: TODAY };
  await made(`people/${nell}/home`, home);
  const mail = {
    kind: 'letter',
    to: 'sorrel@example.org',
    subject: 'yarrow',
    text: 'zinnia',
    letter: 'foxglove',
  };
  await made(`people/${perrin}/mail`, mail);
  const { secret } = await made(`people/${perrin}/link`, {});
  const person = new Browser(server.base);
  await person.ask('mine/open', 'POST', { secret });
  await person.ask('mine/diary', 'POST', { pain: 2, words: 'foxglove again' });
  await person.ask('mine/form', 'PUT', { intake: { why: 'campion' } });
  return { server, owner, perrin: perrin as string, nell: nell as string, classId: classId as string };
}
