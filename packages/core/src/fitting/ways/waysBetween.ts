import { keep } from '../../cache.js';
import { lesserRanges, rangesKey, type BodyRanges } from '../../body/bodyRanges.js';
import type { Build } from '../../body/build.js';
import type { Catalogue } from '../../poses/catalogue.js';
import { LEVELS } from '../../poses/levels.js';
import { skillOf } from '../../poses/skillOf.js';
import type { Level } from '../../poses/types.js';
import type { Way } from '../../poses/ways.js';
import { brokenRows } from '../../rules/brokenRows.js';
import { columnsOf, type Columns } from '../../rules/measureTable.js';
import { isMeasured, type ActiveRule, type StagedPerson } from '../../rules/stagePerson.js';
import { FLOOR_LEVELS } from '../../poses/levels.js';
import { isSoft } from '../../rules/isSoft.js';
import { WEIGHTS } from '../weights.js';

/** One movement of a passage; `backwards` where the way is taken from its end to its beginning. */
export interface Move {
  way: Way;
  backwards: boolean;
}

/** How someone gets from one level to another. */
export interface Passage {
  moves: readonly Move[];
  cost: number;
  /** Seconds for someone who moves easily. */
  seconds: number;
  /** Rules that the usual way breaks, where another one is taken. */
  instead: readonly ActiveRule[];
  /** No way that suits: someone must help, or she stays where she is. */
  none: boolean;
}

/** On the way between levels a limb that does not move by itself is taken along; who gets there is known otherwise. */
const COMES_ALONG = { armMovesRight: 0, armMovesLeft: 0, legMovesRight: 0, legMovesLeft: 0 };

const byCatalogue = new WeakMap<Catalogue, Map<string, Columns>>();
/** Every way as numbers, for one body: each is held against rules like any movement. */
function waysTable(catalogue: Catalogue, heightCm: number, build: Build, body: BodyRanges): Columns {
  const tables = byCatalogue.get(catalogue) ?? keep(byCatalogue, catalogue, new Map<string, Columns>());
  const { ways } = catalogue;
  // On the way a step is as long as the leg goes back.
  const easy = { ...body, hipExtension: Infinity };
  const look = (): Columns => ({
    rows: ways,
    columns: columnsOf(
      ways.map(({ variant, from, to, seconds }) => ({
        measures: { ...catalogue.measures(variant.id, heightCm, build, easy), ...COMES_ALONG },
        level: variant.level,
        breath: variant.breath,
        support: variant.support,
        skill: skillOf(variant),
        floorWay: FLOOR_LEVELS.has(from) !== FLOOR_LEVELS.has(to),
        action: 'mobilise',
        // A way is no pose: what holds a pose back by its family does not hold back the way to one that is let in.
        family: 'joints',
        moving: true,
        seconds,
        both: 0,
      })),
    ),
  });
  const key = `${heightCm}|${build}|${rangesKey(body)}`;
  return tables.get(key) ?? keep(tables, key, look(), TABLES_MOST);
}
const TABLES_MOST = 250;

/** What is done in passing, for some seconds, and by everybody who gets up from a chair. */
const EFFORTS: ReadonlySet<string> = new Set([
  'met',
  'isometric',
  'abdominalLoad',
  'lowBackMoment',
  'spineLoad',
]);

/**
 * Whether a rule is for what is held and worked in, and not for getting down and up: effort, and what a pose is for; a
 * hand that is bent back, for on the way she leans on the fist or the forearm; how far her joints were measured to go,
 * and what a clearance does not open, for that the floor is open says that she may get there.
 */
const isOfPoses = ({ rule }: ActiveRule): boolean =>
  isMeasured(rule) ||
  rule.unlessOrdered === true ||
  rule.all.some(
    (bound) =>
      'purposeNot' in bound ||
      ('measure' in bound && (EFFORTS.has(bound.measure) || bound.measure.startsWith('wristExtension'))),
  );

/** Rules each way breaks for someone, besides cues. A way over one side may be taken over the other. */
function broken(
  { person: { heightCm, ranges }, build, abilities, rules }: StagedPerson,
  catalogue: Catalogue,
): Map<Way, ActiveRule[]> {
  const table = waysTable(catalogue, heightCm, build, lesserRanges(abilities.body));
  const { ways } = catalogue;
  const here = ways.map((): ActiveRule[] => []);
  const there = ways.map((): ActiveRule[] => []);
  for (const active of rules) {
    // Levels as such are judged apart (see `closedTo`): a way is filed under the level it starts from.
    if (
      isSoft(active) ||
      isOfPoses(active) ||
      active.rule.all.some((bound) => 'level' in bound || 'levelNot' in bound)
    )
      continue;
    for (const row of brokenRows(active, ranges, false, table, 'all') ?? []) here[row]!.push(active);
    for (const row of brokenRows(active, ranges, true, table, 'all') ?? []) there[row]!.push(active);
  }
  return new Map(ways.map((way, i) => [way, there[i]!.length < here[i]!.length ? there[i]! : here[i]!]));
}

/** Whether getting down and up takes this person something: they are told to go slowly. */
const goesSlowly = ({ rules }: StagedPerson): boolean =>
  rules.some(({ rule }) => rule.all.some((bound) => 'levelChange' in bound));

/** Levels someone must not be on, not even in passing: nobody rolls over a belly that must not be lain on. */
export const closedTo = ({ rules }: StagedPerson): ReadonlySet<Level> =>
  new Set(
    LEVELS.filter((level) =>
      rules.some(
        ({ rule: { level: how, all } }) =>
          (how === 'never' || how === 'limit') &&
          all.length === 1 &&
          (('level' in all[0] && all[0].level.includes(level)) ||
            ('levelNot' in all[0] && !all[0].levelNot.includes(level))),
      ),
    ),
  );

/** Moves one after the other, and what they cost. */
interface Chain {
  moves: Move[];
  cost: number;
}

/** A way in one direction, with its levels' places among {@link LEVELS}. */
interface DirectedMove extends Move {
  from: number;
  to: number;
  floor: boolean;
  base: number;
}

/** Every way in every direction in which it may be taken, and the chains found over them. */
interface Network {
  moves: readonly DirectedMove[];
  every: readonly boolean[];
  chains: Map<string, Map<number, Chain | undefined>>;
}

const networks = new WeakMap<readonly Way[], Network>();
const networkOf = (ways: readonly Way[]): Network =>
  networks.get(ways) ?? keep(networks, ways, makeNetwork(ways));

function makeNetwork(ways: readonly Way[]): Network {
  const moves = ways.flatMap((way): DirectedMove[] => {
    const floor = FLOOR_LEVELS.has(way.from) !== FLOOR_LEVELS.has(way.to);
    const base = WEIGHTS.way + (way.usual ? 0 : WEIGHTS.unusualWay);
    const from = LEVELS.indexOf(way.from);
    const to = LEVELS.indexOf(way.to);
    const there: DirectedMove = { way, backwards: false, from, to, floor, base };
    return way.back ? [there, { ...there, backwards: true, from: to, to: from }] : [there];
  });
  return { moves, every: moves.map(() => true), chains: new Map() };
}

/** Ways that are open to someone, levels that are closed, what getting down and up takes; `key` names it. */
interface Graph {
  key: string;
  open: readonly boolean[];
  closed: number;
  slow: number;
}
const graphOf = (open: readonly boolean[], closed: number, slow: number): Graph => ({
  key: `${open.map(Number).join('')}|${closed}|${slow}`,
  open,
  closed,
  slow,
});

/**
 * The cheapest chain over some ways (Dijkstra over the ten levels); worked out once for all who may take
 * the same ways.
 */
function shortest(from: number, to: number, graph: Graph, { moves, chains }: Network): Chain | undefined {
  const pair = from * LEVELS.length + to;
  const found =
    chains.get(graph.key) ?? keep(chains, graph.key, new Map<number, Chain | undefined>(), GRAPHS_MOST);
  return found.has(pair) ? found.get(pair) : keep(found, pair, chain(from, to, graph, moves));
}
const GRAPHS_MOST = 500;

function chain(
  from: number,
  to: number,
  { open, closed, slow }: Graph,
  moves: readonly DirectedMove[],
): Chain | undefined {
  const cost = LEVELS.map(() => Infinity);
  const by: (DirectedMove | undefined)[] = LEVELS.map(() => undefined);
  const done = new Set<number>();
  cost[from] = 0;
  for (;;) {
    let at = -1;
    for (let level = 0; level < LEVELS.length; level++)
      if (!done.has(level) && cost[level]! < (at < 0 ? Infinity : cost[at]! - 1e-9)) at = level;
    if (at < 0) return undefined;
    if (at === to) break;
    done.add(at);
    for (const [i, move] of moves.entries()) {
      // Nobody passes through a level that must not be: it may only be where she is going anyway.
      if (move.from !== at || !open[i] || (move.to !== to && (closed >> move.to) & 1)) continue;
      const dearer = cost[at]! + move.base * (move.floor ? slow : 1);
      if (dearer < cost[move.to]! - 1e-9) {
        cost[move.to] = dearer;
        by[move.to] = move;
      }
    }
  }
  const taken: Move[] = [];
  for (let at = to; at !== from; at = by[at]!.from)
    taken.unshift({ way: by[at]!.way, backwards: by[at]!.backwards });
  return { moves: taken, cost: cost[to]! };
}

const NOWHERE: Passage = { moves: [], cost: 0, seconds: 0, instead: [], none: false };

/**
 * How one person gets from level to level: over ways that their rules allow, cheapest first. Worked out
 * once for each pair.
 *
 * @returns a passage; one without a way that suits costs so much that it is the last thing taken
 */
export function passagesFor(staged: StagedPerson, catalogue: Catalogue): (from: Level, to: Level) => Passage {
  const passages: (Passage | undefined)[] = new Array<Passage | undefined>(LEVELS.length ** 2).fill(
    undefined,
  );
  const slow = goesSlowly(staged) ? WEIGHTS.slowFloor : 1;
  const network = networkOf(catalogue.ways);
  const shut = closedTo(staged);
  const closed = LEVELS.reduce((bits, level, i) => bits | (shut.has(level) ? 1 << i : 0), 0);
  let own: { breaches: Map<Way, ActiveRule[]>; usual: Graph; mine: Graph } | undefined;
  const look = (): NonNullable<typeof own> => {
    const breaches = broken(staged, catalogue);
    return {
      breaches,
      usual: graphOf(network.every, 0, slow),
      mine: graphOf(
        network.moves.map(({ way }) => !breaches.get(way)!.length),
        closed,
        slow,
      ),
    };
  };
  const between = (from: number, to: number): Passage => {
    own ??= look();
    const usual = shortest(from, to, own.usual, network);
    const mine = shortest(from, to, own.mine, network);
    const taken = mine ?? usual;
    const instead = (usual?.moves ?? []).flatMap(({ way }) => own!.breaches.get(way)!);
    return {
      moves: taken?.moves ?? [],
      cost: mine ? mine.cost : WEIGHTS.noWay,
      seconds: (taken?.moves ?? []).reduce((sum, { way }) => sum + way.seconds, 0),
      instead: instead.filter(({ rule }, i) => instead.findIndex((other) => other.rule.id === rule.id) === i),
      none: !mine,
    };
  };
  return (from, to) => {
    if (from === to) return NOWHERE;
    const at = LEVELS.indexOf(from);
    const end = LEVELS.indexOf(to);
    return (passages[at * LEVELS.length + end] ??= between(at, end));
  };
}
