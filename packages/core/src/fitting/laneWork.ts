import { judge } from '../rules/judge.js';
import type { StagedPerson } from '../rules/stagePerson.js';
import { NO_SUMS } from '../rules/sums.js';
import type { Sum } from '../rules/types.js';
import type { Step } from '../sequence/parseSequence.js';
import type { Ask } from './candidates.js';
import type { Override } from './choices.js';
import type { Choice } from './choosePath.js';
import { draftsOf, sitOut, trialOf, type Draft } from './describe.js';
import type { LaneTable } from './lane.js';
import { narrowed, optionsOf, type Option } from './options.js';
import { remember } from './remember.js';
import type { Path, Weight } from './together.js';
import type { Refused } from './types.js';
import { Walk, type Stage } from './walk.js';

type Sums = Readonly<Record<Sum, number>>;
interface Known { ask: Ask; few: Option[]; all?: Option[] }
type Look = (before: Sums) => { ask: Ask; options: readonly Option[] };
/** What can be done at a step; `key` names what was asked. */
interface OptionsAt { key: string; few: Look; all: Look }

/** Steps whose options are kept for a lane at once. */
const KNOWN_MOST = 200;

/** One lane at work: what has been found out for it stays good while the person and the rules do, whatever the sequence. */
export class LaneWork {
  private readonly options = new Map<string, Known>();
  private readonly walk: Walk;
  /** Options that cost more together with others, and what they are by themselves. */
  private readonly dearer = new WeakMap<Option, { option: Option; more: number }>();
  private readonly drafts = new WeakMap<Option, Map<string, Draft[]>>();

  constructor(readonly staged: StagedPerson, readonly table: LaneTable) { this.walk = new Walk(table); }

  /** What can be done at a step, given what has added up: the few that matter to the lane alone, or all of them. */
  optionsAt(step: Step, pin: Ask['pin'], open: boolean): OptionsAt {
    const { table, options } = this, holdSeconds = table.asked(step), key = `${step.variant.id}|${holdSeconds}|${step.sides.join()}|${pin ? `${pin.variant.id} ${pin.holdSeconds ?? ''}` : ''}|${open ? 'open' : ''}`;
    const look = (before: Sums): Known => {
      const own = table.sums.length ? `${key}|${table.sums.map((sum) => before[sum]).join()}` : key;
      let known = options.get(own);
      if (!known) {
        const ask: Ask = { pose: step.pose, variant: step.variant, holdSeconds, sides: step.sides, before: table.sums.length ? before : NO_SUMS, ...(pin ? { pin } : {}) };
        known = remember(options, own, { ask, few: optionsOf(ask, table, open, true) }, KNOWN_MOST);
      }
      return known;
    };
    return {
      key, few: (before) => { const { ask, few } = look(before); return { ask, options: few }; },
      all: (before) => { const known = look(before); return { ask: known.ask, options: (known.all ??= optionsOf(known.ask, table, open)) }; },
    };
  }

  /** A lane's own best path. */
  ownPath(steps: readonly Step[], pins: readonly Ask['pin'][]): Path {
    return this.walk.through(steps.map((step, i): Stage => {
      const { key, few } = this.optionsAt(step, pins[i], false);
      return { key, options: few };
    }));
  }

  /** A lane's best path where options cost something more at some steps: together with others. */
  sharedPath(steps: readonly Step[], pins: readonly Ask['pin'][], weigh: (step: number) => Weight | undefined, open: ReadonlySet<number>): Path {
    const { choices, cost } = this.walk.through(steps.map((step, i): Stage => {
      const at = this.optionsAt(step, pins[i], open.has(i) && !pins[i]), weight = weigh(i);
      if (!weight) return { key: at.key, options: at.few };
      return {
        key: `${at.key} ${weight.key}`, options: (before) => {
          const { ask, options } = at.all(before);
          return { ask, options: narrowed(options, this.table, weight.extra).map((option) => this.weighed(option, weight.extra(option))) };
        },
      };
    }));
    let more = 0;
    const plain = choices.map((choice): Choice => {
      const known = this.dearer.get(choice.option);
      if (!known) return choice;
      more += known.more;
      return { ...choice, option: known.option };
    });
    return { choices: plain, cost: cost - more };
  }

  private weighed(option: Option, more: number): Option {
    const copy = { ...option, cost: option.cost + more };
    this.dearer.set(copy, { option, more });
    return copy;
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
