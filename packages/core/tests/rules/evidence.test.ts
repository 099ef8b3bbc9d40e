/** What rules rest on: a source carries what it is said to, and what it does not is common practice. */
import { CONDITIONS, SOURCES, USUAL_HOUSE_VIEW } from '../builtIn.js';
import { allRules, stage } from './people.js';

const rule = (id: string) => allRules.find((one) => one.id === id)!;

test('what is published names its source, and what that found', () => {
  for (const { id, evidence } of allRules.filter((one) => one.evidence.kind === 'published'))
    expect([id, Boolean(evidence.cite && evidence.found), evidence.source.includes('from memory')]).toEqual([
      id,
      true,
      true,
    ]);
});

test('what a source is near to and does not carry says so, and claims nothing of it', () => {
  const near = allRules.filter(({ evidence }) => evidence.kind === 'common-practice' && evidence.cite);
  expect(near.length).toBeGreaterThan(10);
  for (const { id, evidence } of near) {
    expect([id, evidence.source.startsWith('common practice, no published source; ')]).toEqual([id, true]);
    expect(evidence.source).toContain(SOURCES[evidence.cite as keyof typeof SOURCES]!.citation);
    expect(evidence.found).toBeUndefined();
  }
});

// Where the source points the other way, the rule is not called published (see the second reading of them).
test.each([
  'after-birth.head-lift',
  'high-blood-pressure.strong-hold',
  'high-blood-pressure.standing-hold',
  'heart-disease.strong',
  'breastbone-surgery.arm-load',
  'low-bone-density.balance',
  'scoliosis.length',
  'hip-replacement.flexion',
  'knee-arthritis.deep-loaded',
  'vertigo.looking-up',
  'lumbar-disc.flexion',
  'retina.head-down',
  'stroke.arm-load',
])('%s is common practice', (id) => expect(rule(id).evidence.kind).toBe('common-practice'));

test('guidance that has moved has moved the usual positions', () => {
  expect(USUAL_HOUSE_VIEW).toMatchObject({
    'controlled-pressure': 'supported-half-inversions',
    'disc-rotation': 'slow-small-supported-once-settled',
    'bleeding-inversion': 'own-choice',
    'sternal-arms': 'close-to-the-body-by-comfort',
    'separated-belly-head-lift': 'deep-engagement-when-cleared',
  });
  expect(rule('high-blood-pressure.standing-hold').level).toBe('watch');
});

test('thin bone asks for something within reach in a balance, a broken vertebra for a hand', () => {
  const rules = (bone: string): string[] =>
    stage({ conditions: [{ condition: 'low-bone-density', bone }] }).rules.map(({ rule: { id } }) => id);
  expect(rules('osteoporosis')).toContain('low-bone-density.support-in-reach');
  expect(rules('osteoporosis')).not.toContain('low-bone-density.balance');
  expect(rules('spine fracture')).toContain('low-bone-density.balance');
});

test('every condition that waits says for whom', () => {
  for (const { id, hold, clearance } of CONDITIONS)
    if (hold) expect([id, Boolean(clearance), hold.waits.endsWith('.')]).toEqual([id, true, true]);
});
