/** What the house view decides. */
import {
  dateAfter,
  fitClass,
  HOUSE_VIEW_TOPICS,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
} from '../builtIn.js';
import { ON, allRules, fit } from './people.js';

describe('the house view', () => {
  test('the result says where a position let something pass, and what the other would do', () => {
    const person = {
      conditions: [
        { condition: 'hypertension', control: 'controlled', reading: '124/78', readingOn: '2026-11-28' },
      ],
    };
    const view = { ...USUAL_HOUSE_VIEW, 'controlled-pressure': 'as-usual-no-holding' };
    const step = 'Downward-facing dog, 9 breaths';
    const [usual] = fit(person, step).steps;
    const [open] = fit(person, step, view).steps;
    expect(usual!.findings.find(({ on }) => on === 'asked')).toMatchObject({
      house: { topic: 'controlled-pressure' },
    });
    expect(open).toMatchObject({
      verdict: 'as-written',
      allowedBy: [
        expect.objectContaining({
          topic: 'controlled-pressure',
          position: 'as-usual-no-holding',
          other: 'Nothing head-down',
        }),
      ],
    });
  });
  test(
    'the breath is not held in class unless the view says so; children’s holds are counted unless it ' +
      'is a game',
    () => {
      const verdict = (
        person: Record<string, unknown>,
        step: string,
        topic: string,
        position: string,
      ): string => fit(person, step, { ...USUAL_HOUSE_VIEW, [topic]: position }).steps[0]!.verdict;
      const child = { born: '2022-03-01', heightCm: 104 };
      expect(
        ['none-in-class', 'short-counts-for-the-well'].map(
          (position) => verdict({}, 'Box breath, 3 breaths', 'breath-holding', position) === 'as-written',
        ),
      ).toEqual([false, true]);
      expect(
        ['counted-short', 'as-long-as-a-game'].map((position) =>
          verdict(child, 'Tree, 12 s', 'child-holds', position),
        ),
      ).toEqual(['eased', 'as-written']);
    },
  );
  test('topics that only speak put their words with the poses', () => {
    const cues = (position: string): readonly string[] =>
      fit({}, 'Supine twist, 4 breaths', { ...USUAL_HOUSE_VIEW, 'twist-breath': position }).steps[0]!.cues;
    expect(cues('out-breath').some((cue) => cue.includes('turn on the out-breath'))).toBe(true);
    expect(cues('in-breath').some((cue) => cue.includes('Turn on the in-breath'))).toBe(true);
  });
  test('every topic has two or three positions with reasons; every position a rule names exists', () => {
    for (const { positions } of Object.values(HOUSE_VIEW_TOPICS)) {
      expect([2, 3]).toContain(positions.length);
      for (const { reason } of positions) expect(reason.length).toBeGreaterThan(10);
    }
    // A never has no permissive position.
    for (const rule of allRules) if (rule.level === 'never') expect(rule.house).toBeUndefined();
  });
});

test('what is said by the house view goes to the poses, the level and the people it names', () => {
  const said = (
    line: string,
    person: Record<string, unknown>,
    view: Record<string, string> = {},
  ): readonly string[] => {
    const { people } = readPeople([{ name: 'A', ...person }], ON);
    return fitClass({
      sequence: parseSequence(`- ${line}`).sequence,
      people,
      on: ON,
      houseView: { ...USUAL_HOUSE_VIEW, ...view },
    }).lanes[0]!.steps[0]!.cues;
  };
  expect(said('Seated breath on a chair', {}, { 'chair-seat': 'back-supported' })).toContain(
    'Sit right back and lean on the rest.',
  );
  expect(said('Seated breath kneeling', {}, { 'chair-seat': 'back-supported' })).not.toContain(
    'Sit right back and lean on the rest.',
  );
  expect(said('Bridge', {}, { 'effort-breath': 'lift-on-in' })).toContain('Lift as you breathe in.');
  expect(said('Child', { today: { bleeding: true } })).toContain('Knees wide, room for the belly.');
  expect(said('Child', {})).not.toContain('Knees wide, room for the belly.');
  const week30 = { conditions: [{ condition: 'pregnancy', dueDate: dateAfter(ON, 70) }] };
  expect(said('Final rest on the side', week30)).toContain('On either side, whichever is easier.');
  expect(said('Final rest on the side', week30, { 'rest-side': 'left' })).toContain('On the left side.');
  expect(said('Final rest on the side', {})).not.toContain('On either side, whichever is easier.');
});

test(
  'a shoulder stand on the bare mat waits for the view that allows it; on blankets a long neck is ' +
    'given more of them',
  () => {
    const stand = (line: string, heightCm: number, view: Record<string, string> = {}) => {
      const { people } = readPeople(
        [{ name: 'A', heightCm, born: '1990-01-01', can: { practised: 'years' } }],
        ON,
      );
      return fitClass({
        sequence: parseSequence(`- ${line}`).sequence,
        people,
        on: ON,
        houseView: { ...USUAL_HOUSE_VIEW, ...view },
      }).lanes[0]!.steps[0]!;
    };
    expect(stand('Shoulder stand unsupported', 165)).toMatchObject({
      verdict: 'eased',
      variant: 'shoulder-stand.blankets',
    });
    expect(
      stand('Shoulder stand unsupported', 165, { 'shoulder-stand-bare': 'practised-with-control' }).verdict,
    ).toBe('as-written');
    const blankets = (heightCm: number) =>
      stand('Plough, feet on a chair', heightCm).props.find(({ prop }) => prop === 'blanket')?.count;
    expect([blankets(160), blankets(190)]).toEqual([5, 6]);
  },
);
