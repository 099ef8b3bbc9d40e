import { lineOf } from '../plan/lineFor.js';
import { LEVELS } from '../poses/levels.js';
import type { StoryShape, Theme } from '../poses/themes.js';
import { parseSequence } from '../reading/parseSequence.js';
import { chanceFrom, pickOne } from './chance.js';
import type { FrameTools } from './tools.js';
import { likingOf } from './liking.js';
import { asStep, fromUsual, partOf, type Part } from './part.js';
import type { LessonAim, LessonBand, LessonWords } from './lessonTypes.js';

/** What is wanted of a lesson. */
export interface LessonAsk {
  band: LessonBand;
  theme: Theme;
  aim: LessonAim;
  minutes: number;
  seed: number;
  /** Shapes of the lesson before, by the names of their story: they are called to mind first. */
  recalled?: readonly string[];
  /** The last lesson of a unit: the children put their own story together. */
  isOwnStory?: boolean;
}

interface Told {
  part: Part;
  shape: StoryShape;
}

/** Poses that are parts of a lesson by themselves, or none of a story. */
const APART = new Set(['breathe', 'rest']);
const PARTS_OF_ITS_OWN = new Set(['listening', 'body-part-balance', 'hop-and-freeze']);
/** From the feet down to the floor: children get up once, and come to lie once. */
const DOWNWARDS = ['standing', 'squatting', 'all-fours', 'kneeling', 'prone', 'sitting', 'chair', 'lying'];
/** A lesson is as long as it should be within so much, seconds; and is put together so often at most. */
const NEAR_SECONDS = 45;
const TRIES_MOST = 20;
/** What a shape takes, about, with what is told of it; and once more, when it is known. Seconds. */
const SHAPE_SECONDS = 45;
const AGAIN_SECONDS = 35;
const WALK_MOST = 180;
const REST_MOST = 300;

/** How long the parts of a lesson are that can be longer or shorter. */
interface Size {
  shapes: number;
  /** So many of them once more, led by the children. */
  again: number;
  walk: number;
  rest: number;
}

/**
 * A children's lesson with the words to say: signal, agreements, breath game, story, balance game, quiet contest, rest,
 * value and home task.
 *
 * @returns a sequence as it is written down; what is said stands as notes under the steps
 */
export function writeLesson(ask: LessonAsk, words: LessonWords, tools: FrameTools): string {
  const story = storyOf(ask, tools);
  const most = Math.min(story.length, ask.band.shapes);
  let size: Size = {
    shapes: Math.min(most, Math.round(ask.minutes / 3)),
    again: 0,
    walk: 60,
    rest: ask.band.rest,
  };
  /** Shapes after which everybody rests: back bends that nothing answers. */
  const answered = new Set<StoryShape>();
  let best = { source: '', off: Infinity };
  for (let tries = 0; tries < TRIES_MOST; tries++) {
    const told = inOrder(story.slice(0, size.shapes));
    const lesson = new Lesson(ask, words, tools, answered);
    const source = lesson.written(told, size);
    const fitting = tools.fitter.fit(parseSequence(source, tools.catalogue).sequence);
    const odd = fitting.notes.flatMap(({ kind, step }) => (kind === 'counter-pose' ? (step ?? []) : []));
    const bent = odd.flatMap((step) => lesson.shapeAt(step) ?? []).filter((shape) => !answered.has(shape));
    for (const shape of bent) answered.add(shape);
    if (bent.length) continue;
    const short = (ask.minutes - fitting.minutes.written) * 60;
    if (Math.abs(short) < best.off) best = { source, off: Math.abs(short) };
    const next = sizedFor(short, size, most);
    if (best.off <= NEAR_SECONDS || !next) break;
    size = next;
  }
  return best.source;
}

/** A lesson made longer or shorter: by shapes, by shapes done once more, by walking, and by rest. */
function sizedFor(short: number, size: Size, most: number): Size | undefined {
  const within = (value: number, least: number, top: number): number => Math.min(top, Math.max(least, value));
  const shapes = within(size.shapes + Math.trunc(short / SHAPE_SECONDS), 2, most);
  if (shapes !== size.shapes) return { ...size, shapes, again: Math.min(size.again, shapes) };
  const again = within(size.again + Math.trunc(short / AGAIN_SECONDS), 0, shapes);
  if (again !== size.again) return { ...size, again };
  const stepped = (seconds: number): number => Math.round((seconds + short) / 30) * 30;
  const walk = within(stepped(size.walk), 30, WALK_MOST);
  if (walk !== size.walk) return { ...size, walk };
  const rest = within(stepped(size.rest), 60, REST_MOST);
  return rest === size.rest ? undefined : { ...size, rest };
}

/** Names of the story's shapes in a lesson, as {@link writeLesson} wrote it. */
export const shapesOf = (source: string, theme: Theme): string[] =>
  theme.shapes.filter(({ name, task }) => source.includes(`> ${name}. ${task}`)).map(({ name }) => name);

/** Every shape of the story that suits all, those first that serve the aim. */
function storyOf({ theme, aim, band, seed, recalled = [] }: LessonAsk, tools: FrameTools): Told[] {
  const chance = chanceFrom(seed);
  let open = theme.shapes.flatMap((shape): Told[] => {
    const part = partFor(shape.pose, band.breaths, tools);
    return part ? [{ part, shape }] : [];
  });
  const story: Told[] = [];
  while (open.length) {
    const taken = story.map(({ part }) => part.pose);
    const next = pickOne(
      open,
      // What was there last time is done again, beside what is new.
      ({ part, shape }) => likingOf(part.pose, aim, taken) * (recalled.includes(shape.name) ? 0.5 : 1),
      chance,
    )!;
    story.push(next);
    open = open.filter((one) => one !== next);
  }
  return story;
}

const inOrder = (story: readonly Told[]): Told[] =>
  [...story].sort(
    (a, b) =>
      DOWNWARDS.indexOf(a.part.variant.level) - DOWNWARDS.indexOf(b.part.variant.level) ||
      LEVELS.indexOf(a.part.variant.level) - LEVELS.indexOf(b.part.variant.level),
  );

/** How children of the band do a pose: the usual way, or the nearest that suits all of them. */
function partFor(id: string, breaths: number, { catalogue, fitter }: FrameTools): Part | undefined {
  const pose = catalogue.poses.find((one) => one.id === id);
  if (!pose || PARTS_OF_ITS_OWN.has(id) || APART.has(pose.purposes[0].action)) return undefined;
  const { unit, least, most } = pose.hold;
  const hold = { unit, count: Math.min(most, Math.max(least, breaths)) };
  return fromUsual(pose)
    .map((variant) => partOf(pose, variant, hold))
    .find((part) => fitter.suits(asStep(part)));
}

/** One lesson as it is put together, line by line. */
class Lesson {
  private readonly lines: string[] = [];
  private readonly shapes: (StoryShape | undefined)[] = [];

  constructor(
    private readonly ask: LessonAsk,
    private readonly words: LessonWords,
    private readonly tools: FrameTools,
    private readonly answered: ReadonlySet<StoryShape>,
  ) {}

  /** The shape of the story that a step is, from 1. */
  shapeAt(step: number): StoryShape | undefined {
    return this.shapes[step - 1];
  }

  written(story: readonly Told[], { again, walk, rest }: Size): string {
    const { ask, words } = this;
    const { band, theme, aim, minutes, recalled = [] } = ask;
    this.lines.push(`# ${theme.name}: ${aim.name.toLowerCase()}, ${band.name}`, `minutes: ${minutes}`);
    this.section('Arriving');
    this.step('listening.floor', seconds(60), words.signal);
    this.step('walk-round.walking', seconds(walk), words.walk);
    this.section('Agreements and helpers');
    const helpers = words.helpers.map((helper, i) => `${['One', 'Another', 'A third'][i]} child ${helper}.`);
    const recall = recalled.length
      ? [`Who remembers? ${recalled.slice(0, 5).join(', ')}: show it with your hands.`]
      : [];
    this.step(
      'listening.floor',
      seconds(60),
      ...band.agreements,
      words.restShape,
      ...helpers,
      aim.told,
      ...recall,
    );
    this.section('Breath game');
    const breath = pickOne(aim.breaths, () => 1, chanceFrom(ask.seed + 1))!;
    this.step(breath.variant, { unit: breath.rounds ? 'rounds' : 'breaths', count: 3 }, breath.says);
    this.section(`Story: ${theme.name.toLowerCase()}`);
    this.step(
      'listening.floor',
      seconds(minutes < 20 ? 30 : 60),
      ask.isOwnStory ? words.ownStory : theme.story,
    );
    for (const one of story) this.tell(one, `${one.shape.name}. ${one.shape.task}`);
    if (again) {
      this.section('The story once more');
      for (const one of story.slice(0, again)) this.tell(one, `${one.shape.name}: who shows it?`);
    }
    this.section('Balance game');
    const [first, ...others] = band.balances;
    const balance: Part['hold'] = { unit: 'breaths', count: Math.min(3, band.breaths) };
    this.step(first, balance, words.balance.easier, words.balance.harder);
    for (const variant of others) this.step(variant, balance);
    this.section('Quiet contest');
    this.step('hop-and-freeze.standing', { unit: 'rounds', count: 5 }, words.quiet.hop);
    this.step('listening.floor', seconds(30), words.quiet.still);
    this.section('Rest');
    this.step('final-rest.flat', seconds(rest), ...words.rest);
    this.section('Looking back');
    this.step(
      'listening.floor',
      seconds(minutes < 20 ? 30 : 60),
      words.felt,
      aim.value,
      `For home: ${aim.home}`,
    );
    return [...this.lines, ''].join('\n');
  }

  private section(name: string): void {
    this.lines.push(`## ${name}`);
  }

  private step(variant: string, hold: Part['hold'], ...says: readonly string[]): void {
    this.add({ ...this.tools.catalogue.variant(variant), hold, sides: [] }, says);
  }

  private add(part: Part, says: readonly string[], shape?: StoryShape): void {
    this.lines.push(`- ${lineOf(part)}`, ...says.map((said) => `> ${said}`));
    this.shapes.push(shape);
  }

  private tell({ part, shape }: Told, says: string): void {
    this.add(part, [part.sides.length > 1 ? `${says} ${this.words.between}` : says], shape);
    if (this.answered.has(shape))
      this.step('childs-pose.full', { unit: 'breaths', count: this.ask.band.breaths }, this.words.curlUp);
  }
}

const seconds = (count: number): Part['hold'] => ({ unit: 'seconds', count });
