import { keep } from '../cache.js';
import { judge, type Breach } from '../rules/judge.js';
import type { StagedPerson } from '../rules/stagePerson.js';
import { NO_SUMS } from '../rules/sums.js';
import type { Sum } from '../rules/types.js';
import type { Step } from '../reading/parseSequence.js';
import {
  type Ask,
  flowAsks,
  flowKey,
  type LaneTable,
  narrowed,
  optionsOf,
  type Option,
  sidesOf,
} from './person/index.js';
import type { Override } from '../plan/choices.js';
import { type Choice, Walk, type Stage } from './path/index.js';
import { draftsOf, sitOut, trialOf } from './explain/index.js';
import type { Weight } from './together/index.js';
import type { Refused } from './types.js';
import type { Draft } from './types.js';
import type { Path } from './path/index.js';

type Sums = Readonly<Record<Sum, number>>;
/** Options found for a step: the few that matter to the lane alone, and all where they were asked for. */
interface Found {
  ask: Ask;
  few: Option[];
  all?: Option[];
}
/**
 * What can be done at a step, as a lane comes to it by itself; and the numbers it goes by where it is
 * weighed together with others.
 */
export interface OptionsAt extends Stage {
  all: Stage['options'];
  weighed: Map<string, number>;
}

/** Steps whose options are kept for a lane at once; and ways in which one is weighed. */
const CACHED_MOST = 200;
const WEIGHED_MOST = 40;

/** An option in full, where it comes after a level and before what is put in, in answer to a step. */
interface Described {
  key: string;
  from: Choice['from'];
  then: Choice['then'];
  drafts: Draft[];
}
const sameAnswer = (a: Choice['then'], b: Choice['then']): boolean =>
  a?.from === b?.from && a?.option.sides[0]!.candidate!.variant === b?.option.sides[0]!.candidate!.variant;

const keys = new WeakMap<Step, string>();
/** Names all of a step that options and what is said of them depend on. */
const keyOf = (step: Step): string =>
  keys.get(step) ??
  keep(keys, step, `${step.variant.id}|${step.hold.count} ${step.hold.unit}|${step.sides.join()}`);

/**
 * One lane at work: what has been found out for it stays good while the person and the rules do, whatever
 * the sequence.
 */
export class LaneWork {
  private readonly options = new Map<string, Found>();
  private readonly stages = new Map<string, OptionsAt>();
  /** Numbers given to stages so far. */
  private last = 0;
  private readonly walk: Walk;
  /** Options that cost more together with others, and what they are by themselves. */
  private readonly dearer = new WeakMap<Option, { option: Option; more: number }>();
  private readonly drafts = new WeakMap<Option, Described[]>();

  constructor(
    readonly staged: StagedPerson,
    readonly table: LaneTable,
  ) {
    this.walk = new Walk(table);
  }

  /** What can be done at a step. `open`: other ways are looked at though what was asked passes. */
  optionsAt(step: Step, steps: readonly Step[], pin: Ask['pin'], open: boolean): OptionsAt {
    const flow = flowAsks(steps).get(step);
    const own = flow ? `${keyOf(step)}|${flowKey(flow)}` : keyOf(step);
    const unpinned = open ? `${own}|open` : own;
    const key = pin ? `${own}|${pin.variant.id} ${pin.holdSeconds ?? ''}` : unpinned;
    return (
      this.stages.get(key) ?? keep(this.stages, key, this.lookAt(key, step, { pin, open, flow }), CACHED_MOST)
    );
  }

  /**
   * The few options that matter to the lane alone, or all of them, given what has added up; each is found
   * out when it is first asked for.
   */
  private lookAt(
    key: string,
    step: Step,
    { pin, open, flow }: { pin: Ask['pin']; open: boolean; flow: Ask['flow'] },
  ): OptionsAt {
    const { table, options } = this;
    const holdSeconds = table.asked(step);
    const find = (before: Sums): Found => {
      const ask: Ask = {
        pose: step.pose,
        variant: step.variant,
        holdSeconds,
        sides: step.sides,
        before: table.sums.length ? before : NO_SUMS,
        ...(flow ? { flow } : {}),
        ...(pin ? { pin } : {}),
      };
      return { ask, few: optionsOf(ask, table, open, true) };
    };
    const look = (before: Sums): Found => {
      const own = table.sums.length ? `${key}|${table.sums.map((sum) => before[sum]).join()}` : key;
      return options.get(own) ?? keep(options, own, find(before), CACHED_MOST);
    };
    return {
      key: this.last++,
      weighed: new Map(),
      options: (before) => {
        const { ask, few } = look(before);
        return { ask, options: few };
      },
      all: (before) => {
        const found = look(before);
        return { ask: found.ask, options: (found.all ??= optionsOf(found.ask, table, open)) };
      },
    };
  }

  /** A lane as it comes to each step by itself. */
  comesTo(steps: readonly Step[], pins: readonly Ask['pin'][]): OptionsAt[] {
    return steps.map((step, i) => this.optionsAt(step, steps, pins[i], false));
  }

  /** A lane's own best path. */
  ownPath(stages: readonly OptionsAt[]): Path {
    return this.walk.through(stages);
  }

  /** A lane's best path where options cost something more at some steps: together with others. */
  sharedPath(
    stages: readonly OptionsAt[],
    steps: readonly Step[],
    pins: readonly Ask['pin'][],
    weigh: (step: number) => Weight | undefined,
    open: ReadonlySet<number>,
  ): Path {
    const { choices, cost } = this.walk.through(
      stages.map((own, i): Stage => {
        const at = open.has(i) && !pins[i] ? this.optionsAt(steps[i]!, steps, undefined, true) : own;
        const weight = weigh(i);
        return weight ? this.weighing(at, weight) : at;
      }),
    );
    let more = 0;
    const own = choices.map((choice): Choice => {
      const plain = this.dearer.get(choice.option);
      if (!plain) return choice;
      more += plain.more;
      return { ...choice, option: plain.option };
    });
    return { choices: own, cost: cost - more };
  }

  private weighing({ all, weighed }: OptionsAt, { key, extra }: Weight): Stage {
    return {
      key: weighed.get(key) ?? keep(weighed, key, this.last++, WEIGHED_MOST),
      options: (before) => {
        const { ask, options } = all(before);
        return {
          ask,
          options: narrowed(options, this.table, extra).map((option) => this.weighed(option, extra(option))),
        };
      },
    };
  }

  private weighed(option: Option, more: number): Option {
    const copy = { ...option, cost: option.cost + more };
    this.dearer.set(copy, { option, more });
    return copy;
  }

  /** The teacher's own choices for this lane; one that must not be done without a medical clearance is refused. */
  pins(steps: readonly Step[], overrides: readonly Override[], refused: Refused[]): Ask['pin'][] {
    const { person, stopped } = this.staged;
    return steps.map((step): Ask['pin'] => {
      const override = overrides.find((one) => one.step === step.number && one.personId === person.id);
      if (!override || stopped) return undefined;
      const against = this.neverBroken(step, override);
      if (against) {
        refused.push({
          personId: person.id,
          person: person.name,
          step: step.number,
          variant: override.variant,
          rule: against.rule.id,
          reason: against.rule.reason,
        });
        return undefined;
      }
      const { variant } = this.table.body.catalogue.variant(override.variant);
      return override.holdSeconds === undefined
        ? { variant }
        : { variant, holdSeconds: override.holdSeconds };
    });
  }

  /** A `never` rule that a choice of the teacher's breaks on any side. */
  private neverBroken(step: Step, override: Override): Breach | undefined {
    const { staged, table } = this;
    const { pose, variant } = table.body.catalogue.variant(override.variant);
    const row = table.body.table.rowOf.get(variant)!;
    const holdSeconds = override.holdSeconds ?? table.asked(step);
    const never = staged.rules.filter(({ rule }) => rule.level === 'never');
    const on = sidesOf(pose, step.sides);
    return (on.length ? on : [undefined])
      .map((side) => trialOf(table, { sides: step.sides, before: NO_SUMS }, row, holdSeconds, side))
      .flatMap((trial) => judge(never, trial, staged.person.ranges))[0];
  }

  /** A path in full: what is done at every step, and why. */
  described(choices: readonly Choice[], steps: readonly Step[]): Draft[][] {
    return choices.map((choice, i) => {
      const step = steps[i]!;
      const key = keyOf(step);
      const { option, from, then } = choice;
      const described = this.drafts.get(option) ?? keep(this.drafts, option, []);
      let own = described.find((one) => one.key === key && one.from === from && sameAnswer(one.then, then));
      if (!own) described.push((own = { key, from, then, drafts: draftsOf(this.table, step, choice) }));
      return own.drafts;
    });
  }

  /** Every step of someone who must not practise today. */
  sittingOut(steps: readonly Step[]): Draft[][] {
    const { table } = this;
    return steps.map((step) => [
      sitOut(
        table,
        {
          pose: step.pose,
          variant: step.variant,
          holdSeconds: table.asked(step),
          sides: step.sides,
          before: NO_SUMS,
        },
        step,
      ),
    ]);
  }
}
