import { chanceFrom, type Chance } from '../frames/chance.js';
import { LEVELS } from '../poses/levels.js';
import type { Family, Pose } from '../poses/types.js';
import { compileRules } from '../rules/judgeAll.js';
import { measureTable } from '../rules/measureTable.js';
import { SOMEBODY } from '../rules/rulebook.js';
import { stagePerson } from '../rules/stagePerson.js';
import { lesserRanges } from '../body/bodyRanges.js';
import { borders } from './borders.js';
import { isHard } from './isHard.js';
import { places } from './places.js';
import type { EyeCase, EyeWorld } from './types.js';

/** The first so many cases are of as many stages, and there for everybody. */
export const EYE_CASES = 40;
/** A case has so many poses past a limit and within one, out of those that are nearest to it. */
const EACH = 3;
const NEAREST = 7;
const MINUTES = 20;

const SMALL: readonly Family[] = ['breath', 'joints'];

/** Invented: nobody is called so here. */
const NAMES = ['Alder', 'Bryony', 'Cress', 'Dulse', 'Elver', 'Fennel', 'Gannet', 'Heron', 'Ivory', 'Juniper'];
const HEIGHTS_CM = [155, 160, 165, 170, 175];

/** The day of every case; which one does not matter. */
const DAY = '2026-01-15';

/**
 * A case by its number: somebody at one stage of one condition, and a plan of poses on both sides of what one of its
 * rules says. It is made with the usual house view, so that it is the same in every hall.
 *
 * @param number 0 and up: past the number of stages there are, each comes again with other poses
 * @example eyeCase(0, world).plan // '# Alder\nminutes: 20\n- Tree, 5 breaths …'
 */
export function eyeCase(number: number, { catalogue, rulebook }: EyeWorld): EyeCase {
  const poseName = (id: string): string => catalogue.poseName(id) ?? id;
  const settings = { rulebook, on: DAY, houseView: rulebook.usualHouseView, poseName };
  const known = places(settings);
  const { condition, details, born } = known[number % known.length]!;
  const chance = chanceFrom(number + 1);
  const name = oneOf(NAMES, chance);
  const person = {
    ...SOMEBODY,
    ...{ id: 'made-up', name, born, heightCm: condition === 'child' ? 125 : oneOf(HEIGHTS_CM, chance) },
    conditions: [{ condition, details }],
  };
  const staged = stagePerson(person, settings);
  const table = measureTable(catalogue, person, settings.on, { ranges: lesserRanges(staged.abilities.body) });
  const rows = table.rows.flatMap(({ pose, variant }, row) =>
    variant.id === pose.usual && pose.family !== 'rest' ? [row] : [],
  );
  const isSmall = (row: number): boolean => SMALL.includes(table.rows[row]!.pose.family);
  const hard = compileRules(staged).filter(({ active }) => isHard(active));
  const broken = new Set(hard.flatMap((rule) => borders(rule, table, rows).past));
  const own = hard.filter(({ active }) => active.condition === condition);
  const all = own.map((rule) => borders(rule, table, rows));
  const both = all.filter(({ past, near }) => past.length > 1 && near.some((row) => !broken.has(row)));
  // What several rules say of the same poses is one border.
  const apart = [...new Map(both.map((one) => [one.past.slice(0, NEAREST).join(), one])).values()];
  const split = apart.length ? oneOf(apart, chance) : { past: [...broken], near: rows };
  const past = some(split.past, chance);
  // Small movements are far from most limits: they are asked where nothing else is within them.
  const within = split.near.filter((row) => !broken.has(row));
  const shapes = within.filter((row) => !isSmall(row));
  const near = some(shapes.length >= EACH ? shapes : within, chance);
  const poses = [...past, ...near].map((row) => table.rows[row]!);
  // As a class goes: from standing down to lying.
  poses.sort((a, b) => LEVELS.indexOf(b.variant.level) - LEVELS.indexOf(a.variant.level));
  const lines = poses.map(({ pose }) => `- ${lineOf(pose)}`);
  const happened = oneOf([undefined, undefined, ...poses.map(({ pose }) => pose.id)], chance);
  return {
    ...{ number, condition, person, on: settings.on },
    ...(happened ? { stoppedIn: happened } : {}),
    plan: [`# ${name}`, `minutes: ${MINUTES}`, ...lines].join('\n'),
  };
}

const oneOf = <T>(list: readonly T[], chance: Chance): T => list[Math.floor(chance() * list.length)]!;

/** Some of the nearest. */
function some(rows: readonly number[], chance: Chance): number[] {
  const left = rows.slice(0, NEAREST);
  const chosen: number[] = [];
  while (left.length && chosen.length < EACH)
    chosen.push(...left.splice(Math.floor(chance() * left.length), 1));
  return chosen;
}

const lineOf = ({ name, hold }: Pose): string => `${name}, ${hold.usual} ${hold.unit}`;
