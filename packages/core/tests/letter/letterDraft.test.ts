/** A letter to whoever treats somebody: worked cases. */
import {
  BUILT_IN,
  fitClass,
  letterDraft,
  parseSequence,
  readPeople,
  stagePerson,
  USUAL_HOUSE_VIEW,
  type LetterInput,
  type RecordOf,
} from '../builtIn.js';

const ON = '2026-11-23';
const record = (on: string, more: Partial<RecordOf> = {}): RecordOf => ({
  ...{ on, came: true, painBefore: 4, painAfter: 4, effort: 3, changes: [] },
  ...more,
});

function letter(written: Record<string, unknown>, more: Partial<LetterInput> = {}, text = ''): string {
  const { people } = readPeople([{ id: 'her', name: 'Ada Fenwick', ...written }], ON);
  const { sequence } = parseSequence(`# Class\n${text || '- Mountain, 20 s'}\n`);
  const fitting = fitClass({ sequence, people, on: ON, houseView: USUAL_HOUSE_VIEW });
  return letterDraft({
    to: 'doctor',
    staged: stagePerson(people[0]!, ON, USUAL_HOUSE_VIEW),
    records: [],
    lane: fitting.lanes[0]!,
    poseName: (pose) => BUILT_IN.poseName(pose) ?? pose,
    hall: 'Curlew House',
    teacher: 'Wren Addleby',
    ...more,
  });
}

test('to whom and about whom, what was practised, a question, and who writes', () => {
  const text = letter({ born: '1980-05-02' }, { records: [record('2026-11-02'), record('2026-11-09')] });
  expect(text).toContain('To the doctor of Ada Fenwick, born 2 May 1980');
  expect(text).toContain('has come to 2 yoga classes of mine since 2 November 2026');
  expect(text).toContain('In the last class: mountain.');
  expect(text).toContain('My question: Is there anything that should not be done');
  expect(text.endsWith('Wren Addleby\nCurlew House')).toBe(true);
});

test('what is left out says why; what is as written is not there', () => {
  const text = letter(
    { conditions: [{ condition: 'glaucoma' }] },
    {},
    '- Downward-facing dog, 5 breaths\n- Mountain, 20 s',
  );
  expect(text).toMatch(/– Downward-facing dog, (left out|made smaller): \S/);
  expect(text).not.toMatch(/– Mountain/);
});

test('what was seen: pain that changed by what matters, what hurt, and the highest pressure', () => {
  const records = [
    record('2026-11-02', { painAfter: 1 }),
    record('2026-11-09', { painAfter: 7, changes: [{ step: 1, what: 'stopped', where: 'knee-left' }] }),
    { ...record('2026-11-16'), pressureAfter: '148/92' },
    record('2026-11-20', { came: false }),
  ];
  const text = letter({}, { records });
  expect(text).toContain('3 classes, 0 to 10: less by two or more after 1, more after 1');
  expect(text).toContain('– Left knee hurt once in class.');
  expect(text).toContain('148/92 mmHg on 16 November');
});

test('what has to be asked before she may do more is the question; each kind of reader has one', () => {
  expect(letter({ today: { bp: '190/120' }, conditions: [{ condition: 'high-blood-pressure' }] })).toMatch(
    /My question:\n– /,
  );
  expect(letter({}, { to: 'midwife' })).toContain('this pregnancy');
  expect(letter({}, { to: 'physiotherapist' })).toContain('how far may they go');
});
