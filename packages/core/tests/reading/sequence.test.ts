import fc from 'fast-check';
import { parseSequence, POSES, resolveCondition, resolvePose } from '../builtIn.js';
import { fold } from '../../src/reading/fold.js';

const named = (text: string): string => {
  const found = resolvePose(text);
  return 'variant' in found ? found.variant.id : `? ${found.nearest.join(', ')}`;
};

// What teachers write (common practice), and what it must mean. A plain name asks for the usual variant.
test.each([
  ['Downward-facing dog', 'downward-facing-dog.full'],
  ['down dog', 'downward-facing-dog.full'],
  ['DOWNWARD DOG', 'downward-facing-dog.full'],
  ['adho mukha svanasana', 'downward-facing-dog.full'],
  ['Adho Mukha Śvānāsana', 'downward-facing-dog.full'],
  ['dog with hands on a chair back', 'downward-facing-dog.chair-back'],
  ['dog at the wall', 'downward-facing-dog.wall'],
  ['tree', 'tree.full'],
  ['Tree pose', 'tree.full'],
  ['tree with a hand on the wall', 'tree.hand-on-wall'],
  ['vrikshasana', 'tree.full'],
  ['Vṛkṣāsana', 'tree.full'],
  ['tree on a chair', 'tree.chair'],
  ['cobra', 'cobra.full'],
  ['cobra on the forearms', 'cobra.forearms'],
  ['sphinx', 'cobra.forearms'],
  ['Bhujaṅgāsana', 'cobra.full'],
  ['superman', 'locust.full'],
  ['salabhasana', 'locust.full'],
  ["child's pose", 'childs-pose.full'],
  ['Childs Pose', 'childs-pose.full'],
  ['balasana', 'childs-pose.full'],
  ['legs up the wall', 'legs-up-the-wall.full'],
  ['viparita karani', 'legs-up-the-wall.full'],
  ['shoulderstand', 'shoulder-stand.blankets'],
  ['sarvangasana', 'shoulder-stand.blankets'],
  ['Salamba Sarvāṅgāsana', 'shoulder-stand.blankets'],
  ['shavasana', 'final-rest.flat'],
  ['Śavāsana', 'final-rest.flat'],
  ['final rest on the side', 'final-rest.side'],
  ['figure four in the chair', 'figure-four.chair'],
  ['warrior II', 'warrior-two.full'],
  ['cat cow', 'cat-cow.all-fours'],
  ['cat', 'cat-cow.all-fours'],
  ['cat and cow on a chair', 'cat-cow.chair'],
  ['plank from the knees', 'plank.knees'],
  ['bird dog', 'opposite-arm-and-leg.full'],
  ['opposite arm and leg', 'opposite-arm-and-leg.full'],
  ['standing forward fold', 'standing-forward-fold.full'],
  ['uttanasana', 'standing-forward-fold.full'],
  ['half forward fold', 'half-forward-fold.chair-back'],
  ['triangel', 'triangle.block'],
  ['malasana', 'garland.full'],
  ['tree.hand-on-wall', 'tree.hand-on-wall'],
  ['seated breath', 'seated-breath.chair'],
  ['seated side bend', 'side-bend.chair'],
  ['standing side bend', 'side-bend.standing'],
])('"%s" is %s', (written, expected) => expect(named(written)).toBe(expected));

test.each(['wheelbarrow', 'moonwalk', 'xyzzy', ''])(
  '"%s" is not guessed: three nearest names come back',
  (written) => {
    const found = resolvePose(written);
    expect('nearest' in found && found.nearest.length).toBe(3);
  },
);

test('every pose is found by its own names', () => {
  for (const pose of POSES)
    for (const name of [pose.name, pose.id, ...(pose.sanskrit ? [pose.sanskrit] : [])])
      expect(named(name).startsWith(`${pose.id}.`)).toBe(true);
});

test('every condition is found by its names', () => {
  for (const [written, id] of [
    ['high bp', 'high-blood-pressure'],
    ['Hypertension', 'high-blood-pressure'],
    ['slipped disc', 'lumbar-disc'],
    ['wheelchair', 'wheelchair-user'],
    ['expecting', 'pregnancy'],
  ] as const) {
    const found = resolveCondition(written);
    expect('id' in found && found.id).toBe(id);
  }
});

test('a name that may mean several conditions is asked about, the right ones first', () => {
  for (const [written, names] of [
    ['pinched nerve', ['Neck disc, pinched nerve in the neck', 'Sciatica']],
    ['Stenosis', ['Spinal stenosis']],
    ['hemiplegia', ['Stroke or TIA']],
  ] as const) {
    const found = resolveCondition(written);
    expect('nearest' in found && [...found.nearest].slice(0, names.length).sort()).toEqual([...names].sort());
  }
  // Names that are known, of something that sounds alike.
  const af = resolveCondition('AF');
  expect('id' in af && af.id).toBe('heart-disease');
});

test('folding does not depend on case or diacritics', () => {
  fc.assert(
    fc.property(fc.constantFrom(...POSES.flatMap((pose) => pose.sanskrit ?? [])), (name) => {
      expect(fold(name.toUpperCase())).toBe(fold(name.normalize('NFD').replace(/\p{M}/gu, '')));
    }),
  );
});

const EXAMPLE = `# Thursday Mixed
minutes: 60
## Floor
- Cat and cow, 6 rounds
* Downward-facing dog, 5 breaths
– tree, 30 s each side
> wall for anyone who wants it
1. Triangle, right, 3 breaths
- Final rest, 5 min
- cat/cow x 8
`;

test('the example of the format reads as it should', () => {
  const { sequence, errors } = parseSequence(EXAMPLE);
  expect(errors).toEqual([]);
  expect(sequence).toMatchObject({ title: 'Thursday Mixed', minutes: 60 });
  expect(
    sequence.steps.map(({ number, section, hold, sides, variant }) => [
      number,
      section,
      hold.unit,
      hold.count,
      sides.join(),
      variant.id,
    ]),
  ).toEqual([
    [1, 'Floor', 'rounds', 6, '', 'cat-cow.all-fours'],
    [2, 'Floor', 'breaths', 5, '', 'downward-facing-dog.full'],
    [3, 'Floor', 'seconds', 30, 'right,left', 'tree.full'],
    [4, 'Floor', 'breaths', 3, 'right', 'triangle.block'],
    [5, 'Floor', 'seconds', 300, '', 'final-rest.flat'],
    [6, 'Floor', 'rounds', 8, '', 'cat-cow.all-fours'],
  ]);
  expect(sequence.steps[2]!.note).toBe('wall for anyone who wants it');
});

test('an unknown pose names its line and what is near; the other lines are read', () => {
  const { sequence, errors } = parseSequence('# T\n- Tree\n- Bridg of sighs, 3 breaths\n- Plank');
  expect(sequence.steps.map((step) => step.pose.id)).toContain('plank');
  expect(errors.length).toBeLessThanOrEqual(1);
  const unknown = parseSequence('- Zebra crossing, 5 breaths').errors;
  expect(unknown).toHaveLength(1);
  expect(unknown[0]).toMatchObject({ line: 1 });
  expect(unknown[0]!.message).toContain('"Zebra crossing"');
  expect(unknown[0]!.nearest).toHaveLength(3);
});

test.each([
  ['minutes: 2\n- Tree', /minutes/],
  ['', /no step/],
  ['- Tree, 5000 s', /cannot be right/],
  ['- Tree, 0 breaths', /cannot be right/],
])('%j: a clear message', (source, message) => {
  expect(parseSequence(source).errors[0]!.message).toMatch(message);
});

test('reading never throws, whatever is pasted', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (source) => {
      parseSequence(source);
    }),
  );
});
