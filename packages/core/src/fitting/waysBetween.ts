import { WAYS } from '../../catalogue/ways.js';
import type { Catalogue } from '../poses/catalogue.js';
import type { Level } from '../poses/types.js';
import type { Way } from '../poses/ways.js';
import { judge, type Breach, type Trial } from '../rules/judge.js';
import type { StagedPerson } from '../rules/stagePerson.js';
import { FLOOR_LEVELS } from './floorVisits.js';
import { WEIGHTS } from './weights.js';

/** One movement of a passage; `backwards` where the way is taken from its end to its beginning. */
export interface Move { way: Way; backwards: boolean }

/** How someone gets from one level to another. */
export interface Passage {
  moves: readonly Move[];
  cost: number;
  /** Seconds for someone who moves easily. */
  seconds: number;
  /** Rules that the usual way breaks, where another one is taken. */
  instead: readonly Breach[];
  /** No way that suits: someone must help, or she stays where she is. */
  none: boolean;
}

const LEVELS: readonly Level[] = ['lying', 'side-lying', 'prone', 'sitting', 'kneeling', 'all-fours', 'squatting', 'chair', 'standing', 'inverted'];

/** Rules a way breaks for someone, besides cues: it is held against them like any movement. */
function broken({ variant, seconds }: Way, { person, build, rules }: StagedPerson, catalogue: Catalogue): Breach[] {
  const trial: Trial = {
    measures: catalogue.measures(variant.id, person.heightCm, build), level: variant.level, breath: variant.breath, support: variant.support,
    holdSeconds: seconds, moving: true, action: 'mobilise', sums: { supineUnbroken: 0, supineTotal: 0 },
  };
  // Levels as such are judged apart (see `closedTo`): a way is filed under the level it starts from.
  return judge(rules.filter(({ rule }) => !rule.all.some((bound) => 'level' in bound || 'levelNot' in bound)), trial, person.ranges)
    .filter(({ rule }) => rule.level === 'never' || rule.level === 'limit' || (rule.level === 'need' && !rule.adds));
}

/** Whether getting down and up takes this person something: they are told to go slowly. */
const goesSlowly = ({ rules }: StagedPerson): boolean => rules.some(({ rule }) => rule.all.some((bound) => 'levelChange' in bound));

/** Levels someone must not be on, not even in passing: nobody rolls over a belly that must not be lain on. */
const closedTo = ({ rules }: StagedPerson): ReadonlySet<Level> => new Set(LEVELS.filter((level) => rules.some(({ rule: { level: how, all } }) => (how === 'never' || how === 'limit') && all.length === 1
  && (('level' in all[0] && all[0].level.includes(level)) || ('levelNot' in all[0] && !all[0].levelNot.includes(level))))));

/** The cheapest chain of moves over some ways (Dijkstra over the ten levels). */
function shortest(from: Level, to: Level, moves: readonly (Move & { cost: number })[]): { moves: Move[]; cost: number } | undefined {
  const best = new Map<Level, { cost: number; by?: Move & { cost: number } }>([[from, { cost: 0 }]]), done = new Set<Level>();
  for (;;) {
    const next = [...best].filter(([level]) => !done.has(level)).sort(([a, x], [b, y]) => x.cost - y.cost || LEVELS.indexOf(a) - LEVELS.indexOf(b))[0];
    if (!next) return undefined;
    const [level, { cost }] = next;
    if (level === to) break;
    done.add(level);
    for (const move of moves) {
      if ((move.backwards ? move.way.to : move.way.from) !== level) continue;
      const end = move.backwards ? move.way.from : move.way.to, known = best.get(end);
      if (!known || cost + move.cost < known.cost - 1e-9) best.set(end, { cost: cost + move.cost, by: move });
    }
  }
  const chain: Move[] = [];
  for (let at = to; at !== from;) {
    const move = best.get(at)!.by!;
    chain.unshift({ way: move.way, backwards: move.backwards });
    at = move.backwards ? move.way.to : move.way.from;
  }
  return { moves: chain, cost: best.get(to)!.cost };
}

/**
 * How one person gets from level to level: over ways that their rules allow, cheapest first. Worked out once for each pair.
 *
 * @returns a passage; one without a way that suits costs so much that it is the last thing taken
 */
export function passagesFor(staged: StagedPerson, catalogue: Catalogue): (from: Level, to: Level) => Passage {
  const known = new Map<string, Passage>(), closed = closedTo(staged), slow = goesSlowly(staged) ? WEIGHTS.slowFloor : 1;
  let all: (Move & { cost: number; breaches: Breach[] })[] | undefined;
  const movesOf = (): NonNullable<typeof all> => all ??= WAYS.flatMap((way) => {
    const breaches = broken(way, staged, catalogue), floor = FLOOR_LEVELS.has(way.from) !== FLOOR_LEVELS.has(way.to), cost = (WEIGHTS.way + (way.usual ? 0 : WEIGHTS.unusualWay)) * (floor ? slow : 1);
    return [{ way, backwards: false, cost, breaches }, ...(way.back ? [{ way, backwards: true, cost, breaches }] : [])];
  });
  return (from, to) => {
    const key = `${from}|${to}`;
    let passage = known.get(key);
    if (!passage) {
      const moves = from === to ? [] : movesOf(), usual = shortest(from, to, moves), open = shortest(from, to, moves.filter(({ way, backwards, breaches }) => { const end = backwards ? way.from : way.to; return !breaches.length && (end === to || !closed.has(end)); })), taken = open ?? usual;
      const instead = (usual?.moves ?? []).flatMap(({ way }) => moves.find((move) => move.way === way)!.breaches);
      passage = {
        moves: taken?.moves ?? [], cost: open ? open.cost : from === to ? 0 : WEIGHTS.noWay, seconds: (taken?.moves ?? []).reduce((sum, { way }) => sum + way.seconds, 0),
        instead: instead.filter(({ rule }, i) => instead.findIndex((other) => other.rule.id === rule.id) === i), none: !open && from !== to,
      };
      known.set(key, passage);
    }
    return passage;
  };
}
