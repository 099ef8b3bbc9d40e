/** What to say: invited before instructed, every safety cue in, the story for children, silence in a long rest. */
import { BUILT_IN, momentsOf, scriptsOf, type Moment, type Said } from '../builtIn.js';
import { CLASS, fit, named, PEOPLE } from '../fitting/mixedClass.js';

const people = named(PEOPLE);
const moments = momentsOf(fit(people), BUILT_IN);
const options = { catalogue: BUILT_IN, isChildren: false };
const scripts = scriptsOf(moments, options);
const at = (pose: string, list: readonly Said[][] = scripts, of: readonly Moment[] = moments): Said[] =>
  list[of.findIndex(({ step }) => step.pose === pose)]!;
const words = (said: readonly Said[]): string[] => said.map(({ says }) => says);

test('what a rule asked to be said is in every script, to whom it is for, and to nobody else', () => {
  let asked = 0;
  moments.forEach(({ doing, then }, i) => {
    if (then) return;
    for (const { name, entry } of doing) {
      const own = BUILT_IN.variant(entry.variant).variant.cues;
      for (const cue of entry.cues.filter((one) => !own.includes(one))) {
        asked++;
        const said = scripts[i]!.filter(({ as, says }) => as === 'safety' && says === cue);
        expect(said).toHaveLength(1);
        expect(said[0]!.to ?? [name]).toContain(name);
      }
    }
    const names = new Set(doing.map(({ name }) => name));
    for (const { to = [] } of scripts[i]!) for (const name of to) expect(names).toContain(name);
  });
  expect(asked).toBeGreaterThan(10);
});

test('it stays in, whatever else is said: for children, with own words, on the other side', () => {
  const safetyOf = (list: readonly Said[][]) => list.map((said) => said.filter(({ as }) => as === 'safety'));
  const own = Object.fromEntries(moments.map(({ step }) => [step.pose, 'As we always do.']));
  expect(safetyOf(scriptsOf(moments, { ...options, own }))).toEqual(safetyOf(scripts));
  expect(safetyOf(scriptsOf(moments, { ...options, isChildren: true }))).toEqual(safetyOf(scripts));
});

test('an invitation comes before any instruction, and no two in a row are alike', () => {
  const invited = scripts.filter((said) => said.some(({ as }) => as === 'invite'));
  expect(invited.length).toBeGreaterThan(8);
  for (const said of invited) {
    const first = said.findIndex(({ as }) => as === 'invite');
    expect(said.slice(0, first).every(({ as }) => as === 'note')).toBe(true);
  }
  const openings = invited.map((said) => said.find(({ as }) => as === 'invite')!.says);
  expect(openings.every((one, i) => one !== openings[i - 1])).toBe(true);
});

test('choices go from least to most, as the ladder of the pose has them', () => {
  const [choice] = at('downward-facing-dog').filter(({ as }) => as === 'choices');
  const ladder = BUILT_IN.poses
    .find(({ id }) => id === 'downward-facing-dog')!
    .ladder.map(({ name }) => name);
  const told = ladder.filter((name) => choice!.says.includes(`; ${name}`));
  const places = told.map((name) => choice!.says.indexOf(`; ${name}`));
  expect(told.length).toBeGreaterThan(0);
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(choice!.says).toMatch(/^Choices, from least to most: rest; /);
  // Where all do the same there is nothing to choose.
  const alone = momentsOf(fit(people.slice(0, 2)), BUILT_IN);
  expect(
    scriptsOf(alone, options)
      .flat()
      .filter(({ as }) => as === 'choices'),
  ).toEqual([]);
});

test('each movement has one direction of the breath, wherever it comes in the class', () => {
  const twice = momentsOf(
    fit(people.slice(0, 2), {}, undefined, `${CLASS}\n- Cat and cow, 4 rounds`),
    BUILT_IN,
  );
  const breaths = scriptsOf(twice, options)
    .flat()
    .filter(({ says }) => /^Breathing (in|out): /.test(says))
    .map(({ says }) => says);
  expect(new Set(breaths).size).toBe(breaths.length);
  // Nor is it said one way by the pose, and the other by the house view.
  for (const said of scripts) {
    const poses = words(said).filter((says) => says.startsWith('Breathing'));
    const others = words(said).filter((says) => /breathe (in|out)|(in|out)-breath/i.test(says));
    expect(Math.min(poses.length, others.length)).toBe(0);
  }
  expect(scripts.some((said) => said.some(({ says }) => says === 'Lift as you breathe out.'))).toBe(true);
  expect(words(at('locust')).some((says) => says.startsWith('Breathing'))).toBe(false);
  expect(breaths).toContain('Breathing in: notice where the breath comes in.');
});

test('the second side and a pose that is known are told in few words', () => {
  const tree = moments.flatMap(({ step }, i) => (step.pose === 'tree' ? [scripts[i]!] : []));
  expect(words(tree[1]!).slice(0, 2)).toEqual(['And the other side.', 'Your left.']);
  expect(tree[1]!.length).toBeLessThan(tree[0]!.length);
});

test('a long rest is spoken at its beginning and its end, and is silent in between', () => {
  const rest = at('final-rest').filter(({ as }) => as === 'rest');
  const { seconds } = moments.find(({ step }) => step.pose === 'final-rest')!;
  const times = rest.map(({ after }) => after!);
  expect(times).toEqual([...times].sort((a, b) => a - b));
  expect(times.at(-1)).toBe(seconds - 40);
  expect(times.at(-1)! - times.at(-2)!).toBeGreaterThan(seconds / 2);
});

test('children hear the story, and one thing to do', () => {
  const children = named([{ born: '2019-05-01' }, { born: '2018-02-01' }]);
  const text = '# Pool\nminutes: 20\n- Tree, 2 breaths each side\n> Lighthouse. Shine.\n- Star, 3 breaths';
  const lesson = momentsOf(fit(children, {}, undefined, text), BUILT_IN);
  const told = scriptsOf(lesson, { ...options, isChildren: true });
  expect(at('tree', told, lesson)[0]).toEqual({ as: 'note', says: 'Lighthouse. Shine.' });
  expect(words(at('star', told, lesson))[0]).toBe(
    'Starfish. Stretch all five arms and stay as still as the water.',
  );
  for (const said of told) expect(said.some(({ as }) => as === 'invite' && said.length > 8)).toBe(false);
});

test('own words take the place of ours, and nothing more', () => {
  const own = { tree: 'Grow, as slowly as you like.' };
  const said = at('tree', scriptsOf(moments, { ...options, own }));
  expect(said.filter(({ as }) => as === 'own')).toEqual([{ as: 'own', says: own.tree }]);
  expect(said.some(({ as }) => as === 'invite' || as === 'breath' || as === 'feel')).toBe(false);
  expect(said.at(-1)!.as).toBe('come-out');
});
