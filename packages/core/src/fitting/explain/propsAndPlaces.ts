import { keep } from '../../cache.js';
import type { Fitting, PersonPlace } from '../types.js';
import type { Draft } from '../types.js';

/**
 * What one lane needs at one step: for each prop the most that one of its entries needs; and whether it
 * needs the wall, which is there.
 */
interface Needs {
  props: ReadonlyMap<string, number>;
  wall: boolean;
}
const needsCache = new WeakMap<readonly Draft[], Needs>();
const needsOf = (entries: readonly Draft[]): Needs =>
  needsCache.get(entries) ?? keep(needsCache, entries, findNeeds(entries));

function findNeeds(entries: readonly Draft[]): Needs {
  const props = new Map<string, number>();
  let wall = false;
  for (const uses of entries.flatMap(({ props: own, then }) => (then ? [own, then.props] : [own]))) {
    const own = new Map<string, number>();
    for (const { prop, count } of uses) {
      if (prop === 'wall') wall = true;
      else own.set(prop, (own.get(prop) ?? 0) + count);
    }
    for (const [prop, count] of own) props.set(prop, Math.max(props.get(prop) ?? 0, count));
  }
  return { props, wall };
}

/** Props needed at once, at the step that needs most of each. Everyone needs their own; the wall is there. */
export function roomOf(
  lanes: readonly (readonly (readonly Draft[])[])[],
  stock: Readonly<Record<string, number>> | undefined,
): Fitting['room'] {
  const most = new Map<string, number>();
  lanes[0]?.forEach((_, i) => {
    const now = new Map<string, number>();
    for (const lane of lanes)
      for (const [prop, count] of needsOf(lane[i]!).props) now.set(prop, (now.get(prop) ?? 0) + count);
    for (const [prop, count] of now) most.set(prop, Math.max(most.get(prop) ?? 0, count));
  });
  return [...most]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([prop, count]) => {
      const short = stock ? count - (stock[prop] ?? 0) : 0;
      return { prop, count, ...(short > 0 ? { short } : {}) };
    });
}

/**
 * Where each person has their place, numbered along each station, and what lies beside it. Who needs the
 * wall at any step is by the wall; who is on the chair for half of the class has one.
 */
export function placesOf(
  people: readonly {
    id: string;
    name: string;
    numbers: readonly number[];
    steps: readonly (readonly Draft[])[];
  }[],
): PersonPlace[] {
  const taken = { wall: 0, chair: 0, mat: 0 };
  return people.map(({ id, name, numbers, steps }): PersonPlace => {
    const needs = new Map<string, { count: number; steps: number[] }>();
    let all = 0;
    let onChair = 0;
    let wall = false;
    steps.forEach((entries, i) => {
      const own = needsOf(entries);
      wall ||= own.wall;
      for (const { level } of entries) {
        all++;
        if (level === 'chair') onChair++;
      }
      for (const [prop, count] of own.props) {
        const known = needs.get(prop);
        if (known) {
          known.count = Math.max(known.count, count);
          known.steps.push(numbers[i]!);
        } else needs.set(prop, { count, steps: [numbers[i]!] });
      }
    });
    const mostlySits = all > 0 && onChair * 2 >= all;
    const elsewhere = mostlySits ? 'chair' : 'mat';
    const station = wall ? 'wall' : elsewhere;
    return {
      personId: id,
      person: name,
      station,
      place: ++taken[station],
      props: [...needs].sort(([a], [b]) => (a < b ? -1 : 1)).map(([prop, need]) => ({ prop, ...need })),
    };
  });
}
