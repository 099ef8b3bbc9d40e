import type { Catalogue } from '../poses/catalogue.js';
import type { Level } from '../poses/types.js';
import type { HouseView } from '../rules/houseView.js';
import type { StagedPerson } from '../rules/stagePerson.js';
import type { Sum } from '../rules/types.js';
import type { Step } from '../sequence/parseSequence.js';
import { askedSeconds } from '../timing/pace.js';
import { candidatesFor, type Ask, type Candidate } from './candidates.js';
import { passagesFor, type Passage } from './waysBetween.js';
import { WEIGHTS } from './weights.js';

type Side = 'right' | 'left';
type Sums = Readonly<Record<Sum, number>>;

/** What one side of a step comes to; without a candidate she sits out. */
export interface SideChoice { side: Side | undefined; candidate: Candidate | undefined; others: readonly Candidate[] }

/** What a lane does at one step, what it was asked there, and how it gets there. */
export interface Choice { ask: Ask; sides: readonly SideChoice[]; passage?: Passage; /** What the step costs, getting there included. */ cost: number }

/** One way to do a whole step: both sides of it where it has sides. */
export interface Option { sides: readonly SideChoice[]; cost: number; entry: Level; exit: Level; supine: number; onBack: boolean }

/** A lane up to some step: what it cost, where it is, and what has added up. `from` points back along the path. */
interface Label { cost: number; level: Level | undefined; sums: Sums; from?: Label; option?: Option; ask?: Ask; passage?: Passage | undefined }

const NOTHING: Sums = { supineUnbroken: 0, supineTotal: 0 };

/** Levels a candidate begins and ends on; sitting out is on a chair. */
const endsOf = (candidate: Candidate | undefined): { entry: Level; exit: Level } =>
  candidate ? { entry: candidate.variant.entry ?? candidate.variant.level, exit: candidate.variant.exit ?? candidate.variant.level } : { entry: 'chair', exit: 'chair' };

function optionOf(sides: readonly SideChoice[]): Option {
  const supine = sides.reduce((sum, { candidate }) => sum + (candidate && candidate.trial.measures.supine > 0 ? candidate.holdSeconds : 0), 0);
  const costs = sides.map(({ candidate }) => candidate?.cost ?? WEIGHTS.sitOut), [first] = sides, last = sides[sides.length - 1]!;
  const differ = sides.length > 1 && first!.candidate?.variant !== last.candidate?.variant ? WEIGHTS.sidesDiffer : 0;
  return { sides, cost: costs.reduce((sum, cost) => sum + cost, 0) / costs.length + differ, entry: endsOf(first!.candidate).entry, exit: endsOf(last.candidate).exit, supine, onBack: (last.candidate?.trial.measures.supine ?? 0) > 0 };
}

/**
 * Every way to do a step. Where what was asked passes it is the only one: nobody is led away from it to save a change of
 * level. A side that passes keeps it; sides otherwise do the same where the same suits both.
 */
export function optionsOf(ask: Ask, staged: StagedPerson): Option[] {
  const sides: readonly (Side | undefined)[] = ask.sides.length ? ask.sides : [undefined];
  const found = sides.map((side) => candidatesFor(ask, staged, side));
  const written = found.map((list) => list.find(({ verdict }) => verdict === 'as-written'));
  const choice = (i: number, candidate: Candidate | undefined): SideChoice => ({ side: sides[i], candidate, others: found[i]!.filter((other) => other !== candidate) });
  const open = found.map((list, i) => (written[i] ? [written[i]] : list.length ? list : [undefined]));
  if (open.length === 1) return open[0]!.map((candidate) => optionOf([choice(0, candidate)]));
  const [first, second] = open as [(Candidate | undefined)[], (Candidate | undefined)[]];
  const same = first.flatMap((a) => second.filter((b) => a?.variant === b?.variant).map((b) => optionOf([choice(0, a), choice(1, b)])));
  if (same.length && !written.some(Boolean)) return same;
  // One side keeps what was asked, or nothing suits both: each side its own.
  return first.flatMap((a) => second.map((b) => optionOf([choice(0, a), choice(1, b)])));
}

/** Whether some label is at least as good as another in every respect. */
const covers = (a: Label, b: Label): boolean => a.level === b.level && a.cost <= b.cost + 1e-9 && a.sums.supineUnbroken <= b.sums.supineUnbroken && a.sums.supineTotal <= b.sums.supineTotal;

/**
 * The best path of one lane through a class: exact over every candidate of every step, the ways between levels, and the
 * seconds on the back that add up. Labels that another one covers are dropped; what is left is still exact.
 */
export function choosePath(steps: readonly Step[], staged: StagedPerson, catalogue: Catalogue, view: HouseView, on: string): Choice[] {
  const passage = passagesFor(staged, catalogue), adds = staged.rules.some(({ rule }) => rule.all.some((bound) => 'sum' in bound));
  let labels: Label[] = [{ cost: 0, level: undefined, sums: NOTHING }];
  for (const step of steps) {
    const asked = { catalogue, view, pose: step.pose, variant: step.variant, holdSeconds: askedSeconds(step, staged.person, on), sides: step.sides, on };
    const memo = new Map<string, { ask: Ask; options: Option[] }>(), next: Label[] = [];
    for (const label of labels) {
      const key = adds ? `${label.sums.supineUnbroken}|${label.sums.supineTotal}` : '';
      let here = memo.get(key);
      if (!here) {
        const ask: Ask = { ...asked, before: adds ? label.sums : NOTHING };
        memo.set(key, here = { ask, options: optionsOf(ask, staged) });
      }
      for (const option of here.options) {
        const way = label.level === undefined ? undefined : passage(label.level, option.entry);
        const sums: Sums = adds ? { supineUnbroken: option.onBack ? label.sums.supineUnbroken + option.supine : 0, supineTotal: label.sums.supineTotal + option.supine } : NOTHING;
        const reached: Label = { cost: label.cost + option.cost + (way?.cost ?? 0), level: option.exit, sums, from: label, option, ask: here.ask, passage: way };
        // Where nothing adds up, the cheapest of each level is all that is left.
        if (!next.some((other) => covers(other, reached))) {
          for (let i = next.length - 1; i >= 0; i--) if (covers(reached, next[i]!)) next.splice(i, 1);
          next.push(reached);
        }
      }
    }
    labels = next;
  }
  const chosen: Choice[] = [];
  let at: Label | undefined = labels.reduce<Label | undefined>((best, label) => (!best || label.cost < best.cost - 1e-9 ? label : best), undefined);
  for (; at?.option; at = at.from) chosen.unshift({ ask: { ...at.ask!, ...(at.from!.level ? { from: at.from!.level } : {}) }, sides: at.option.sides, cost: at.cost - at.from!.cost, ...(at.passage ? { passage: at.passage } : {}) });
  return chosen;
}
