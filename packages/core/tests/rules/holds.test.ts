/** Who waits for a medical clearance, and what it opens. */
import {
  BUILT_IN,
  CONDITIONS,
  dateAfter,
  fitClass,
  measureTable,
  nextChanges,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
} from '../builtIn.js';
import { compileRules, judgeAll } from '../../src/rules/judgeAll.js';
import { ON, read, stage } from './people.js';

const held = CONDITIONS.filter(({ hold }) => hold);
const ago = (days: number): string => dateAfter(ON, -days);
const EARLY = new Set(['breath', 'joints', 'rest']);

/** Standing and sitting as one does anyway, which nobody is kept from. */
const PLAIN = ['mountain', 'easy-seat', 'seated-breath'];

/** Families of poses of which something is let in as it is. */
function families(person: Record<string, unknown>, view = USUAL_HOUSE_VIEW): Set<string> {
  const table = measureTable(BUILT_IN, read(person), ON);
  const codes = judgeAll(compileRules(stage(person, ON, view)), table);
  return new Set(
    table.rows
      .filter(({ pose }, row) => codes[row]! < 2 && !PLAIN.includes(pose.id))
      .map(({ pose }) => pose.family),
  );
}
const withHold = (id: string, days: number | undefined, more: Record<string, unknown> = {}) => {
  const { hold } = CONDITIONS.find((condition) => condition.id === id)!;
  const date = hold!.dated && days !== undefined ? { [hold!.dated]: ago(days) } : {};
  return { conditions: [{ condition: id, ...date }], ...more };
};

describe.each(held.map(({ id, hold }) => [id, hold!] as const))('%s', (id, hold) => {
  test('without a clearance: breath, small joints and rest, and it is said', () => {
    const person = withHold(id, undefined);
    expect([...families(person)].filter((family) => !EARLY.has(family))).toEqual([]);
    expect(stage(person).alerts.map(({ kind }) => kind)).toContain('clearance');
    // Where it happened on a day, that day is asked for.
    expect(stage(person).alerts.some(({ kind, text }) => kind === 'ask' && /when it was/.test(text))).toBe(
      hold.dated !== undefined,
    );
  });

  test('some of what is early can be done, also on a chair', () => {
    const { people } = readPeople([{ name: 'A', ...withHold(id, hold.awayDays) }], ON);
    const table = measureTable(BUILT_IN, people[0]!, ON);
    const codes = judgeAll(compileRules(stage(withHold(id, hold.awayDays))), table);
    expect(table.rows.filter((_, row) => codes[row]! < 2).length).toBeGreaterThanOrEqual(6);
  });

  test('a bare yes opens more and more, never less, as weeks go by', () => {
    const opened = hold.usually.map(({ opens }) => new Set(opens));
    opened.slice(1).forEach((now, i) => expect([...opened[i]!].filter((one) => !now.has(one))).toEqual([]));
    const weeks = hold.usually.map(({ fromWeek }) => fromWeek);
    expect(weeks).toEqual([...weeks].sort((a, b) => a - b));
    expect(weeks[0]).toBe(0);
  });

  test('a clearance that says all opens what no other rule shuts', () => {
    const all = ['floor', 'balance', 'hands', 'end-range', 'upside-down', 'moderate-effort'];
    const person = withHold(id, Math.max(hold.awayDays ?? 0, 30), {
      clearances: [{ for: id, by: 'surgeon', on: ago(1), opens: all }],
    });
    expect(stage(person).rules.filter(({ rule }) => rule.id.includes('.hold-'))).toEqual([]);
  });
});

const givenOf = (person: Record<string, unknown>, ...steps: string[]): string[] =>
  fitClass({
    sequence: parseSequence(steps.map((step) => `- ${step}`).join('\n')).sequence,
    people: [read(person)],
    on: ON,
    houseView: USUAL_HOUSE_VIEW,
  }).lanes[0]!.steps.map(({ variant }) => variant);

const alertsOf = (person: Record<string, unknown>): string =>
  stage(person)
    .alerts.map(({ text }) => text)
    .join(' ');

const verdictsOf = (person: Record<string, unknown>, ...steps: string[]): string[] =>
  fitClass({
    sequence: parseSequence(steps.map((step) => `- ${step}`).join('\n')).sequence,
    people: [read(person)],
    on: ON,
    houseView: USUAL_HOUSE_VIEW,
  }).lanes[0]!.steps.map(({ verdict }) => verdict);

describe('a hip replaced', () => {
  const hip = (days: number, more: Record<string, unknown> = {}) => withHold('hip-replacement', days, more);
  test('five days ago: not in class, whoever has said yes', () => {
    const cleared = { clearances: [{ for: 'hip-replacement', by: 'surgeon', on: ago(1) }] };
    expect([stage(hip(5)).stopped, stage(hip(5, cleared)).stopped, stage(hip(14)).stopped]).toEqual([
      true,
      true,
      false,
    ]);
  });
  test('three weeks ago and nothing said: no plank, no bow, no half moon', () => {
    expect(verdictsOf(hip(21), 'Plank, 3 breaths', 'Bow, 3 breaths', 'Half moon, 3 breaths')).not.toContain(
      'as-written',
    );
  });
  test('eight weeks ago and a bare yes: the floor, not yet end range; what it opens is said', () => {
    const person = hip(56, { clearances: [{ for: 'hip-replacement', by: 'surgeon', on: ago(1) }] });
    const rules = stage(person).rules.map(({ rule }) => rule.id);
    expect(rules).not.toContain('hip-replacement.hold-floor');
    expect(rules).toContain('hip-replacement.hold-upside-down');
    expect(
      stage(person)
        .alerts.map(({ text }) => text)
        .join(' '),
    ).toContain('cleared, but not said for what');
  });
  test('cleared for one thing: that, and no more', () => {
    const person = hip(56, {
      clearances: [{ for: 'hip-replacement', by: 'surgeon', on: ago(1), opens: ['hands'] }],
    });
    const rules = stage(person).rules.map(({ rule }) => rule.id);
    expect(rules).not.toContain('hip-replacement.hold-hands');
    expect(rules).toContain('hip-replacement.hold-floor');
    expect(
      stage(person)
        .alerts.map(({ text }) => text)
        .join(' '),
    ).toContain('cleared for load on the hands.');
  });
  test('two years ago: nobody needs to say yes', () => {
    expect(stage(hip(730)).rules.filter(({ rule }) => rule.id.includes('.hold-'))).toEqual([]);
    expect(verdictsOf(hip(730), 'Warrior two, 3 breaths')).toEqual(['as-written']);
  });
});

test('a heart attack two days ago: no class; three weeks ago: no bridge, no boat', () => {
  expect(stage(withHold('heart-disease', 2)).stopped).toBe(true);
  expect(verdictsOf(withHold('heart-disease', 21), 'Bridge, 3 breaths', 'Boat, 3 breaths')).not.toContain(
    'as-written',
  );
});

test('where anyone may start slowly, what is long past is a question; what is new still waits', () => {
  const slowly = { ...USUAL_HOUSE_VIEW, 'who-may-start': 'anyone-slowly' };
  expect(families(withHold('heart-disease', 400), slowly).has('chair')).toBe(true);
  expect(families(withHold('heart-disease', 40), slowly).has('chair')).toBe(false);
});

test('a clearance that has run out opens nothing', () => {
  const person = withHold('stroke', 100, {
    clearances: [{ for: 'stroke', by: 'stroke team', on: ago(60), until: ago(1) }],
  });
  expect([...families(person)].filter((family) => !EARLY.has(family))).toEqual([]);
});

describe('exercises that a team has ordered by name', () => {
  const clearance = { for: 'hip-replacement', by: 'surgeon', on: ago(1) };
  const ordered = (more: Record<string, unknown>) =>
    withHold('hip-replacement', 21, { clearances: [{ ...clearance, ...more }] });
  const asked = ['Heel raise, 5 rounds', 'Mini squat, 5 rounds'];
  test('are done while the rest waits, and are no yes to anything else', () => {
    const person = ordered({ poses: ['heel-raise'] });
    expect(verdictsOf(withHold('hip-replacement', 21), asked[0]!)).not.toContain('as-written');
    expect(verdictsOf(person, asked[0]!)).toEqual(['as-written']);
    expect([...families(person)].filter((family) => !EARLY.has(family))).toEqual(['balance']);
    expect(alertsOf(person)).toContain('ordered by the team, and so not held back: heel raise.');
  });
  test('beside a yes for something: that, and they', () => {
    const ids = stage(ordered({ opens: [], poses: ['heel-raise'] })).rules.map(({ rule }) => rule.id);
    expect(ids).not.toContain('hip-replacement.hold-waiting');
    expect(ids).toContain('hip-replacement.hold-floor');
  });
  test('that are no pose of ours open nothing, and are asked about', () => {
    expect(alertsOf(ordered({ poses: ['cartwheel'] }))).toContain('no pose is called cartwheel');
    const fields = (poses: unknown) =>
      readPeople(
        [{ name: 'A', conditions: ['hip-replacement'], clearances: [{ ...clearance, poses }] }],
        ON,
      ).errors.map(({ field }) => field);
    for (const wrong of ['heel-raise', [], ['Heel raise'], [3]])
      expect(fields(wrong)).toEqual(['people[0].clearances[0].poses']);
  });
});

test('a broken wrist keeps nobody from standing, but from falling on it and from leaning on it', () => {
  const person = (bone: string) => ({
    conditions: [{ condition: 'broken-bone', bone, since: ago(35), side: 'right' }],
    can: { practised: 'years' },
  });
  const steps = ['Mountain, 3 breaths', 'Warrior two, right, 3 breaths', 'Plank, 3 breaths'];
  const [, standing, plank] = givenOf(person('wrist'), ...steps);
  expect([standing!.startsWith('warrior-two.'), plank!.startsWith('plank.')]).toEqual([true, false]);
  expect(givenOf(person('hip'), ...steps)[1]!.startsWith('warrior-two.')).toBe(false);
});

test('an eye operation: no class without a yes, then not yet upside down, and years later nobody asks', () => {
  const yes = { clearances: [{ for: 'eye-operation', by: 'eye surgeon', on: ago(1) }] };
  expect(stage(withHold('eye-operation', 20)).stopped).toBe(true);
  const early = stage(withHold('eye-operation', 20, yes));
  expect(early.stopped).toBe(false);
  expect(early.rules.map(({ rule }) => rule.id)).toContain('eye-operation.hold-upside-down');
  expect(stage(withHold('eye-operation', 900)).stopped).toBe(false);
});

test('the scar of a caesarean is spared for twelve weeks; not known how the birth was, too, and asked', () => {
  const born = (birthKind: string | undefined, days: number) => ({
    conditions: [{ condition: 'after-birth', gaveBirth: ago(days), cleared: true, birthKind }],
  });
  const scars = (kind: string | undefined, days: number) =>
    new Set(stage(born(kind, days)).rules.flatMap(({ rule: { id } }) => /\.scar-[a-z-]+/.exec(id) ?? []))
      .size;
  expect([scars('surgical', 30), scars('surgical', 60), scars('surgical', 90)]).toEqual([5, 4, 0]);
  expect([scars('vaginal', 30), scars(undefined, 30)]).toEqual([0, 5]);
  expect(alertsOf(born(undefined, 30))).toContain('ask whether it was by caesarean');
});

test('what a clearance opens is read, and what is none is refused where it stands', () => {
  const clearance = { for: 'hip-replacement', by: 'surgeon', on: ago(1) };
  const errors = (opens: unknown, what = 'hip-replacement') =>
    readPeople(
      [{ name: 'A', conditions: [what], clearances: [{ ...clearance, for: what, opens }] }],
      ON,
    ).errors.map(({ field }) => field);
  expect([errors(['floor']), errors(['flying']), errors('floor'), errors(['floor'], 'sciatica')]).toEqual([
    [],
    ['people[0].clearances[0].opens'],
    ['people[0].clearances[0].opens'],
    ['people[0].clearances[0].opens'],
  ]);
});

test('a TIA six years ago, cleared and with nothing left of it, leaves the arms free', () => {
  const tia = (left?: string) => ({
    conditions: [{ condition: 'tia', since: '2020-11-01', cleared: true, ...(left ? { left } : {}) }],
  });
  const step = 'Warrior one, 3 breaths';
  expect(
    [verdictsOf(tia('nothing'), step), verdictsOf(tia(), step)].map(([verdict]) => verdict === 'as-written'),
  ).toEqual([true, false]);
  expect(
    stage(tia())
      .alerts.map(({ text }) => text)
      .join(' '),
  ).toContain('still weak');
});

test('what changes next says once what several rules say', () => {
  const person = read(
    withHold('hip-replacement', 60, { clearances: [{ for: 'hip-replacement', by: 'surgeon', on: ago(1) }] }),
  );
  const changes = nextChanges(person, ON, USUAL_HOUSE_VIEW);
  for (const { ends } of changes) expect(new Set(ends).size).toBe(ends.length);
  expect(changes[0]!.ends).toContain('The medical clearance does not say end range: not yet.');
});
