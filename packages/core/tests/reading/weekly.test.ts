/** Names that people use: understood, or asked about with the right one among what is asked. */
import { readFileSync } from 'node:fs';
import { resolveCondition, RULEBOOK } from '../builtIn.js';

const UNDERSTOOD: Readonly<Record<string, string>> = {
  'hot flushes': 'menopause',
  fibro: 'fibromyalgia',
  insomnia: 'sleeplessness',
  'low mood': 'depression',
  'thumb arthritis': 'hand-arthritis',
  'cervical spondylosis': 'neck-arthritis',
  myelopathy: 'neck-cord-compression',
  kyphosis: 'round-upper-back',
  'broken hip': 'broken-bone',
  'wrist fracture': 'broken-bone',
  'ACL tear': 'knee-ligament',
  'Runner’s knee': 'kneecap-pain',
  mastectomy: 'breast-operation',
  cording: 'breast-operation',
  'peripheral neuropathy': 'numb-feet',
  ALS: 'motor-neurone-disease',
  'essential tremor': 'ataxia',
  ADHD: 'autism-attention',
  'Crohn’s': 'bowel-disease',
  colostomy: 'stoma',
  'fistula arm': 'kidney-disease',
  prednisone: 'long-steroids',
  polymyalgia: 'long-steroids',
  bunion: 'big-toe',
  'irregular heartbeat': 'heart-disease',
  angioplasty: 'heart-disease',
  'underactive thyroid': 'thyroid',
  'tension headache': 'other-headache',
  'tight pelvic floor': 'pelvic-pain',
  deaf: 'hearing-loss',
  'type 1 diabetes': 'diabetes',
  'torn rotator cuff': 'shoulder-impingement',
  'hiatus hernia': 'reflux',
};

test.each(Object.entries(UNDERSTOOD))('%s is understood', (name, id) => {
  const found = resolveCondition(name);
  expect('id' in found && found.id).toBe(id);
});

test.each([
  [
    'osteoarthritis',
    ['Knee arthritis', 'Hip arthritis', 'Arthritis of hand or thumb', 'Arthritis of the neck'],
  ],
  ['piriformis', ['Sciatica']],
  ['hemiplegia', ['Cerebral palsy', 'Stroke or TIA']],
])('%s is asked about, never taken for one of them', (name, meant) => {
  const found = resolveCondition(name);
  expect('nearest' in found && meant.every((one) => found.nearest.includes(one))).toBe(true);
});

test('a name of nobody leads to something else', () => {
  const found = resolveCondition('Zellweger');
  expect('nearest' in found).toBe(true);
  expect(RULEBOOK.conditions.some(({ id }) => id === 'something-else')).toBe(true);
});

/** Names as people write them: `=` is understood, `?` is asked about with this one first. */
const WRITTEN = readFileSync(new URL('../forms/conditions.txt', import.meta.url), 'utf8')
  .trim()
  .split('\n');

test.each(WRITTEN)('%s', (line) => {
  const [, name, how, id] = /^(.+) ([=?]) (\S+)$/.exec(line)!;
  const found = resolveCondition(name!);
  if (how === '=') expect(found).toMatchObject({ id });
  else expect('nearest' in found && found.nearest[0]).toBe(RULEBOOK.condition(id!).name);
});
