/** Plans as they are jotted down: lines with their counts and sides, and what stands between lines. */
import fc from 'fast-check';
import { BUILT_IN, POSES, resolvePose } from '../builtIn.js';
import { words } from '../../src/reading/fold.js';
import type { Plan } from '../../src/reading/plan.js';
import { readPlan } from '../../src/reading/readPlan.js';
import { KINDS, planLines as lines, lookAt, stepsOf } from '../forms/planLines.js';

const read = (source: string): Plan => readPlan(source, BUILT_IN);

test.each(['tuned', 'set-aside'] as const)(
  '%s: 97 lines in 100 are read right, none silently wrong',
  (file) => {
    const all = lines(file);
    expect(all.length).toBeGreaterThan(80);
    const looked = all.map((line) => [lookAt(line, read), line.text] as const);
    expect(looked.filter(([found]) => found === 'wrong')).toEqual([]);
    expect(looked.filter(([found]) => found === 'right').length / all.length).toBeGreaterThanOrEqual(0.97);
  },
);

test('every version is read by its pose and its own name', () => {
  for (const pose of POSES)
    for (const variant of pose.ladder) {
      const found = resolvePose(`${pose.name}, ${variant.name}`);
      expect([variant.id, 'pose' in found && found.variant.id]).toEqual([variant.id, variant.id]);
    }
});

test('a word that tells shapes apart is never thrown away', () => {
  const added = [
    'twisted',
    'bound',
    'no hands',
    'one leg',
    'at the wall',
    'lifted',
    'knees bent',
    'eyes closed',
  ];
  const known = [...lines('tuned'), ...lines('set-aside')].filter(({ want }) => want && !KINDS[want]);
  fc.assert(
    fc.property(
      fc.constantFrom(...known),
      fc.constantFrom(...added),
      fc.constantFrom('add', 'drop', 'swap'),
      fc.nat(),
      ({ text }, word, how, at) => {
        const name = text.replace(/[,–(:].*$/u, '').trim();
        const parts = name.split(/\s+/);
        const i = at % parts.length;
        const changed = {
          add: `${name} ${word}`,
          drop: parts.filter((_, place) => place !== i).join(' '),
          swap: parts.map((part, place) => (place === i ? word : part)).join(' '),
        }[how];
        const found = resolvePose(changed);
        if (!('pose' in found)) return;
        // Taken only where some whole name of the pose is there, and nothing that matters is left.
        const said = words(changed);
        const { pose, variant } = found;
        const names = [pose.name, pose.id, pose.sanskrit ?? '', ...pose.aliases, ...(pose.writtenAs ?? [])];
        const own = [
          ...names,
          ...pose.ladder.flatMap(({ writtenAs = [], name: rung }) => [...writtenAs, `${pose.name} ${rung}`]),
        ];
        const isThere = own.some((one) => {
          const wanted = words(one);
          const joined = wanted.join('');
          return (
            joined &&
            (wanted.every((part) => said.some((w) => near(w, part))) || said.join('').includes(joined))
          );
        });
        expect([changed, variant.id, isThere]).toEqual([changed, variant.id, true]);
      },
    ),
    { numRuns: 2000 },
  );
});

/** The same word but for a letter or two. */
const near = (a: string, b: string): boolean =>
  a === b || (Math.min(a.length, b.length) >= 4 && (a.includes(b) || b.includes(a) || slips(a, b) <= 2));
const slips = (a: string, b: string): number => {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++)
    row = row.reduce<number[]>(
      (next, _, j) =>
        j === 0
          ? [i]
          : [...next, Math.min(next[j - 1]! + 1, row[j]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1))],
      [],
    );
  return row[b.length]!;
};

const SPOKEN = [
  'Thursday backs',
  '75 min',
  'for: two with backs',
  '',
  'start seated, three big breaths, then cat cow 5 or 6 times, dog for five breaths, come onto the knees, child’s pose',
].join('\n');
const TABLE =
  '| Pose | Breaths | Sides | Notes |\n|---|---|---|---|\n| Warrior 2 | 5 | R/L | strong legs |\nTree\t30s\teach';

describe('what stands between lines', () => {
  test('speech: steps, ways and what is asked about, in order', () => {
    const plan = read(SPOKEN);
    expect([plan.title, plan.minutes]).toEqual(['Thursday backs', 75]);
    expect(plan.parts.map(({ kind }) => kind)).toEqual([
      'title',
      'minutes',
      'note',
      'way',
      'unsure',
      'step',
      'step',
      'way',
      'step',
    ]);
    expect(stepsOf(plan)).toEqual([
      'cat-cow.all-fours 5r',
      'downward-facing-dog.full 5b',
      'childs-pose.full 8b',
    ]);
  });

  test('tables, drawn with pipes or pasted with tabs', () => {
    const plan = read(TABLE);
    expect(stepsOf(plan)).toEqual(['warrior-two.full 5b RL', 'tree.full 30s RL']);
    expect(plan.steps[0]!.note).toBe('strong legs');
  });

  test.each([
    [
      'Warrior 1 R 4b\nTriangle R 3b\nrepeat other side',
      ['warrior-one.full 4b R', 'triangle.block 3b R', 'warrior-one.full 4b L', 'triangle.block 3b L'],
    ],
    ['Tree R\nsame again left', ['tree.full 5b R', 'tree.full 5b L']],
    ['Cobra 3b, rpt 3×', ['cobra.full 3b', 'cobra.full 3b', 'cobra.full 3b']],
    [
      'Flow: × 2\nMountain\nArms up',
      ['mountain.full 5b', 'arm-raise.standing 5r', 'mountain.full 5b', 'arm-raise.standing 5r'],
    ],
    ['Mountain → forward fold × 2', ['mountain.full 1b', 'standing-forward-fold.full 1b']],
    ['Boat 3 × 5 breaths', ['boat.shins-level 5b', 'boat.shins-level 5b', 'boat.shins-level 5b']],
    ['Janu R, Janu L, 5 breaths', ['head-to-knee.blanket 5b RL']],
    ['Cobra or sphinx, 5 breaths', ['cobra.full 5b']],
    ['Herabschauender Hund 5 Atemzüge', ['downward-facing-dog.full 5b']],
    ['Posture de l’enfant, 1 min', ['childs-pose.full 60s']],
    ['Torsión tumbada, 5 respiraciones cada lado', ['supine-twist.knees-on-block 5b RL']],
    ['Guerriero 2, destra, 4 respiri', ['warrior-two.full 4b R']],
    ['Neerwaartse hond, 5 ademhalingen', ['downward-facing-dog.full 5b']],
    ['Postura da árvore, 5 respirações, cada lado', ['tree.full 5b RL']],
  ])('%j', (source, steps) => expect(stepsOf(read(source))).toEqual(steps));

  test('the other side of nothing, and a repeat of nothing, are asked about', () => {
    for (const source of ['Mountain\nother side', 'repeat all'])
      expect(read(`# A\n${source}`).parts.at(-1)!.kind).toBe('unsure');
  });
});

test('nothing is dropped: every word of a plan belongs to a part, whatever is written', () => {
  const piece = fc.oneof(
    fc.constantFrom(...lines('tuned').map(({ text }) => text), ...lines('set-aside').map(({ text }) => text)),
    fc.string({ unit: 'grapheme', maxLength: 30 }),
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 8 }), (written) => {
      const source = written.join('\n');
      const plan = read(source);
      if (plan.beyond !== undefined) return;
      const covered = new Set(
        plan.parts.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)),
      );
      const lost = [...source.matchAll(/\p{L}{2,}/gu)].filter(
        ({ index, 0: word }) =>
          !/^(?:and|then|followed|by|into|step|or)$/iu.test(word) &&
          !Array.from(word, (_, i) => index + i).some((i) => covered.has(i)),
      );
      expect([source, lost.map(([word]) => word)]).toEqual([source, []]);
    }),
    { numRuns: 300 },
  );
});
