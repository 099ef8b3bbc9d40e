import { USUAL_RANGE } from '../body/ranges.js';
import type { Person } from '../people/types.js';
import { SIDED_MEASURES } from '../poses/measures.js';
import { limbsOf } from './judge.js';
import { COLUMN, COLUMN_WORDS, poseNumber, type Columns, type ExtraColumn } from './measureTable.js';
import type { ActiveRule, StagedPerson } from './stagePerson.js';
import { USE_NAMES, type Bound, type LimbSide, type Quantity } from './types.js';

/** How a variant stands for someone: allowed; with a cue or with something put within reach; limited; never. */
export type Mark = 'allowed' | 'with-care' | 'limited' | 'never';
const MARKS: readonly Mark[] = ['allowed', 'with-care', 'limited', 'never'];

const SIDED = new Set<string>(SIDED_MEASURES);
const USES = new Map<string, keyof typeof USUAL_RANGE & keyof Person['ranges']>(
  USE_NAMES.map((use) => [use, use.slice(0, -3) as 'neckFlexion']),
);

/** One comparison: a column over or under a number, none of some numbers, or its place in or out of a set of bits. */
export type Test =
  | { column: number; over: number }
  | { column: number; under: number }
  | { column: number; noneOf: readonly number[] }
  | { column: number; bits: number };

/** A person's rules as comparisons: each broken where all of one of its lists of tests bite. */
export interface CompiledRule {
  active: ActiveRule;
  code: number;
  any: readonly (readonly Test[])[];
}

const bitsOf = (column: keyof typeof COLUMN_WORDS, chosen: readonly string[]): number =>
  chosen.reduce((bits, item) => bits | (1 << (COLUMN_WORDS[column] as readonly string[]).indexOf(item)), 0);
const ALL_BITS = 0xffff;

function testsOf(
  bound: Bound,
  ranges: Person['ranges'],
  limb: LimbSide | undefined,
  other: boolean,
): Test[] | undefined {
  if ('measure' in bound) {
    const { column, scale } = columnOf(bound.measure, ranges, limb, other);
    return 'over' in bound
      ? [{ column, over: bound.over * scale }]
      : [{ column, under: bound.under * scale }];
  }
  const at = (name: ExtraColumn): number => COLUMN.get(name)!;
  if ('holdOver' in bound) return [{ column: at('hold'), over: bound.holdOver }];
  if ('sum' in bound)
    return [
      {
        column: at(`${bound.sum.replace(/Unbroken|Total/, '') as 'supine' | 'headDown' | 'pelvisUp'}Here`),
        over: 0,
      },
      { column: at('both'), over: bound.over },
    ];
  if ('level' in bound) return [{ column: at('level'), bits: bitsOf('level', bound.level) }];
  if ('levelNot' in bound)
    return [{ column: at('level'), bits: ALL_BITS & ~bitsOf('level', bound.levelNot) }];
  if ('breath' in bound) return [{ column: at('breath'), bits: bitsOf('breath', bound.breath) }];
  if ('support' in bound) return [{ column: at('support'), bits: bitsOf('support', bound.support) }];
  if ('still' in bound) return [{ column: at('moving'), bits: 1 }];
  if ('purposeNot' in bound)
    return [{ column: at('action'), bits: ALL_BITS & ~bitsOf('action', bound.purposeNot) }];
  if ('skillOver' in bound) return [{ column: at('skill'), over: bound.skillOver }];
  if ('unhelped' in bound)
    return [{ column: at('helped'), bits: ALL_BITS & ~bitsOf('helped', [bound.unhelped]) }];
  if ('floorWay' in bound) return [{ column: at('floorWay'), over: 0 }];
  if ('familyNot' in bound)
    return [{ column: at('family'), bits: ALL_BITS & ~bitsOf('family', bound.familyNot) }];
  if ('strengthens' in bound)
    return [{ column: at('strengthens'), bits: bitsOf('strengthens', bound.strengthens) }];
  if ('poseNot' in bound) return [{ column: at('pose'), noneOf: bound.poseNot.map(poseNumber) }];
  // A change of level happens between steps, not in a variant.
  return undefined;
}

function columnOf(
  quantity: Quantity,
  ranges: Person['ranges'],
  limb: LimbSide | undefined,
  other: boolean,
): { column: number; scale: number } {
  const base = USES.get(quantity);
  if (base) return { column: COLUMN.get(base)!, scale: ranges[base] ?? USUAL_RANGE[base] };
  const flip = (name: string): string =>
    other ? name.replace(/(Right|Left)$/, (side) => (side === 'Right' ? 'Left' : 'Right')) : name;
  if (SIDED.has(quantity) && limb) return { column: COLUMN.get(flip(`${quantity}${limb}`))!, scale: 1 };
  return { column: COLUMN.get(flip(quantity))!, scale: 1 };
}

/** Whether a rule can stand differently on the two sides of a pose. */
export const isOneSided = ({ rule }: ActiveRule): boolean =>
  rule.limb !== undefined ||
  rule.all.some((bound) => 'measure' in bound && /(Right|Left)$/.test(bound.measure));

/**
 * A rule as lists of comparisons, broken where all of one list bite; on the left the limbs change places.
 * `of`: only these of its bounds. Empty where it cannot be held against a variant alone.
 */
export function testsOn(
  active: ActiveRule,
  ranges: Person['ranges'],
  left: boolean,
  of: (bound: Bound) => boolean = () => true,
): Test[][] {
  return limbsOf(active).flatMap((limb) => {
    const lists = active.rule.all.filter(of).map((bound) => testsOf(bound, ranges, limb, left));
    return lists.every((list) => list !== undefined) ? [lists.flat()] : [];
  });
}

const CODES = { watch: 1, need: 2, limit: 2, never: 3 } as const;

/**
 * Someone's rules made ready to be held against a whole catalogue at once. Sided poses are looked at on
 * both sides: a rule is broken where either side breaks it.
 */
export function compileRules({ rules, person }: Pick<StagedPerson, 'rules' | 'person'>): CompiledRule[] {
  return rules.flatMap((active): CompiledRule[] => {
    const any = (isOneSided(active) ? [false, true] : [false]).flatMap((left) =>
      testsOn(active, person.ranges, left),
    );
    return any.length
      ? [
          {
            active,
            code: active.rule.level === 'need' && active.rule.adds ? 1 : CODES[active.rule.level],
            any,
          },
        ]
      : [];
  });
}

/** Whether one test bites in one row. */
const bites = (test: Test, columns: readonly Float64Array[], row: number): boolean => {
  const value = columns[test.column]![row]!;
  if ('over' in test) return value > test.over;
  if ('under' in test) return value < test.under;
  if ('noneOf' in test) return !test.noneOf.includes(value);
  return ((test.bits >> value) & 1) === 1;
};

/** Rows in which a rule is broken. */
export function rowsBroken({ any }: Pick<CompiledRule, 'any'>, { rows, columns }: Columns): number[] {
  const found: number[] = [];
  for (let row = 0; row < rows.length; row++) {
    for (const tests of any) {
      let all = true;
      for (const test of tests)
        if (!bites(test, columns, row)) {
          all = false;
          break;
        }
      if (all) {
        found.push(row);
        break;
      }
    }
  }
  return found;
}

function holds(test: Test, value: number): boolean {
  if ('over' in test) return value > test.over;
  if ('under' in test) return value < test.under;
  if ('noneOf' in test) return !test.noneOf.includes(value);
  return ((test.bits >> value) & 1) !== 0;
}

/**
 * How every row of a table stands, as codes: 0 allowed, 1 with care, 2 limited, 3 never. Comparisons of
 * numbers only; no text is made.
 */
export function judgeAll(compiled: readonly CompiledRule[], { rows, columns }: Columns): Uint8Array {
  const codes = new Uint8Array(rows.length);
  for (const { code, any } of compiled) {
    for (const tests of any) {
      const [first, ...rest] = tests as [Test, ...Test[]];
      const column = columns[first.column]!;
      for (let row = 0; row < codes.length; row++) {
        if (codes[row]! >= code) continue;
        const value = column[row]!;
        if (!holds(first, value)) continue;
        let all = true;
        for (let i = 0; i < rest.length; i++)
          if (!bites(rest[i]!, columns, row)) {
            all = false;
            break;
          }
        if (all) codes[row] = code;
      }
    }
  }
  return codes;
}

/** The first rule that gives a row its code; undefined for what is allowed. */
export const decidingRule = (
  compiled: readonly CompiledRule[],
  { columns }: Columns,
  row: number,
  code: number,
): ActiveRule | undefined =>
  compiled.find(
    (rule) =>
      rule.code === code && rule.any.some((tests) => tests.every((test) => bites(test, columns, row))),
  )?.active;

/** A code of {@link judgeAll} as a word. */
export const markOf = (code: number): Mark => MARKS[code]!;
