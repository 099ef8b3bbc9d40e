import { judge } from '../rules/judge.js';
import type { StagedPerson } from '../rules/stagePerson.js';
import { NO_SUMS } from '../rules/sums.js';
import type { Sum } from '../rules/types.js';
import type { Step } from '../sequence/parseSequence.js';
import type { Ask } from './candidates.js';
import type { Override } from './choices.js';
import { pathOf, shiftBetween, startLabels, stepOn, type Choice, type Label } from './choosePath.js';
import { draftsOf, sitOut, trialOf, type Draft } from './describe.js';
import type { LaneTable } from './lane.js';
import { narrowed, optionsOf, type Option } from './options.js';
import type { Path } from './together.js';
import type { Refused } from './types.js';

type Sums = Readonly<Record<Sum, number>>;
interface Known { ask: Ask; few: Option[]; all?: Option[] }
type Look = (before: Sums) => { ask: Ask; options: readonly Option[] };
/** What can be done at a step; `key` names what was asked. */
interface OptionsAt { key: string; few: Look; all: Look }

/** Options kept for a lane at once. */
const KNOWN_MOST = 2000;

/** One lane at work: what has been found out for it stays good while the person and the rules do, whatever the sequence. */
export class LaneWork {
  private readonly options = new Map<string, Known>();
  /** Labels after each step of the last sequence, so that an edit is taken up from where it is. Costs are `more` than they say. */
  private trail: { key: string; labels: readonly Label[]; more: number }[] = [];
  private path?: { key: string; path: Path };
  private readonly drafts = new WeakMap<Option, Map<string, Draft[]>>();

  constructor(readonly staged: StagedPerson, readonly table: LaneTable) {}

  /** What can be done at a step, given what has added up: the few that matter to the lane alone, or all of them. */
  optionsAt(step: Step, pin: Ask['pin'], open: boolean): OptionsAt {
    const { table, options } = this, holdSeconds = table.asked(step), key = `${step.variant.id}|${holdSeconds}|${step.sides.join()}|${pin ? `${pin.variant.id} ${pin.holdSeconds ?? ''}` : ''}|${open ? 'open' : ''}`;
    const look = (before: Sums): Known => {
      const own = table.sums.length ? `${key}|${table.sums.map((sum) => before[sum]).join()}` : key;
      let known = options.get(own);
      if (!known) {
        if (options.size >= KNOWN_MOST) options.clear();
        const ask: Ask = { pose: step.pose, variant: step.variant, holdSeconds, sides: step.sides, before: table.sums.length ? before : NO_SUMS, ...(pin ? { pin } : {}) };
        options.set(own, known = { ask, few: optionsOf(ask, table, open, true) });
      }
      return known;
    };
    return {
      key, few: (before) => { const { ask, few } = look(before); return { ask, options: few }; },
      all: (before) => { const known = look(before); return { ask: known.ask, options: (known.all ??= optionsOf(known.ask, table, open)) }; },
    };
  }

  /** A lane's own best path; taken up after the last step that is as it was. */
  ownPath(steps: readonly Step[], pins: readonly Ask['pin'][]): Path {
    const at = steps.map((step, i) => this.optionsAt(step, pins[i], false)), key = at.map((one) => one.key).join('\n');
    if (this.path?.key === key) return this.path.path;
    const { trail: old, table } = this;
    let same = 0;
    while (same < at.length && old[same]?.key === at[same]!.key) same++;
    const trail = old.slice(0, same), later = old.length - at.length;
    for (let i = same; i < at.length; i++) {
      const labels = stepOn(trail[i - 1]?.labels ?? startLabels(), table, at[i]!.few);
      trail.push({ key: at[i]!.key, labels, more: trail[i - 1]?.more ?? 0 });
      // Where the lane stands as it stood before the edit, and the same is asked from here on, everything after it is known.
      const then = old[i + later], rest = then && i + later >= same && at.slice(i + 1).every(({ key: asked }, n) => old[i + later + 1 + n]?.key === asked) ? old.slice(i + later + 1) : undefined;
      const shift = rest && shiftBetween(labels, then!.labels, table.sums);
      if (rest && shift !== undefined) {
        const more = shift + trail[i]!.more - then!.more;
        trail.push(...rest.map((one) => ({ ...one, more: one.more + more })));
        break;
      }
    }
    this.trail = trail;
    const { choices, cost } = pathOf([startLabels(), ...trail.map(({ labels }) => labels)], table), path = { choices, cost: cost + (trail[trail.length - 1]?.more ?? 0) };
    this.path = { key, path };
    return path;
  }

  /** A lane's best path where options cost something more: together with others. */
  sharedPath(steps: readonly Step[], pins: readonly Ask['pin'][], extra: (step: number, option: Option) => number, open: ReadonlySet<number>): Path {
    const dearer = new Map<Option, { option: Option; more: number }>();
    const trail = [startLabels()];
    steps.forEach((step, i) => {
      const at = this.optionsAt(step, pins[i], open.has(i) && !pins[i]);
      trail.push(stepOn(trail[i]!, this.table, (before) => {
        const { ask, options } = at.all(before), weighed = options.map((option): Option => {
          const more = extra(i, option), copy = { ...option, cost: option.cost + more };
          dearer.set(copy, { option, more });
          return copy;
        });
        return { ask, options: narrowed(weighed, this.table) };
      }));
    });
    const path = pathOf(trail, this.table);
    let cost = path.cost;
    const choices = path.choices.map((choice): Choice => {
      const { option, more } = dearer.get(choice.option)!;
      cost -= more;
      return { ...choice, option };
    });
    return { choices, cost };
  }

  /** The teacher's own choices for this lane; one that must not be done without a go-ahead is refused. */
  pins(steps: readonly Step[], overrides: readonly Override[], refused: Refused[]): Ask['pin'][] {
    const { staged, table } = this, { catalogue } = table.body;
    return steps.map((step): Ask['pin'] => {
      const override = overrides.find((one) => one.step === step.number && one.person === staged.person.name);
      if (!override || staged.stopped) return undefined;
      const { variant } = catalogue.variant(override.variant), row = table.body.table.rowOf.get(variant)!, holdSeconds = override.holdSeconds ?? table.asked(step);
      const never = staged.rules.filter(({ rule }) => rule.level === 'never'), sides = step.sides.length ? step.sides : [undefined];
      const broken = sides.flatMap((side) => judge(never, trialOf(table, { sides: step.sides, before: NO_SUMS }, row, holdSeconds, side), staged.person.ranges))[0];
      if (broken) { refused.push({ person: override.person, step: step.number, variant: override.variant, rule: broken.rule.id, reason: broken.rule.reason }); return undefined; }
      return { variant, ...(override.holdSeconds === undefined ? {} : { holdSeconds: override.holdSeconds }) };
    });
  }

  /** A path in full: what is done at every step, and why. */
  described(choices: readonly Choice[], steps: readonly Step[]): Draft[][] {
    return choices.map((choice, i) => {
      const step = steps[i]!, key = `${choice.from ?? ''}|${step.variant.id}|${step.hold.unit}|${step.sides.join()}|${choice.then ? `${choice.then.from} ${choice.then.option.sides[0]!.candidate!.variant.id}` : ''}`;
      let byPlace = this.drafts.get(choice.option);
      if (!byPlace) this.drafts.set(choice.option, byPlace = new Map());
      let drafts = byPlace.get(key);
      if (!drafts) byPlace.set(key, drafts = draftsOf(this.table, step, choice));
      return drafts;
    });
  }

  /** Every step of someone who must not practise today. */
  sittingOut(steps: readonly Step[]): Draft[][] {
    const { table } = this;
    return steps.map((step) => [sitOut(table, { pose: step.pose, variant: step.variant, holdSeconds: table.asked(step), sides: step.sides, before: NO_SUMS }, step)]);
  }
}
