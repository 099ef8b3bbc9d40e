import {
  rangeOf,
  type Abilities as Known,
  type Ability,
  type BodyRanges,
  type GivingJoint,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { PersonLine } from '../../data/types.js';
import { canAnswers } from '../../domain/person/canWords.js';
import { sayDate } from '../../domain/words/say.js';

const HOW: Readonly<Record<Ability<unknown>['from'], string>> = {
  told: 'told',
  measured: 'measured',
  norm: 'assumed',
};

/** Shares of what women in their twenties hold, as words: no finer than moments and norms are known. */
const BANDS = [
  [0.95, 'strong'],
  [0.75, 'good'],
  [0.55, 'fair'],
  [0.4, 'modest'],
  [0, 'little'],
] as const;
const bandOf = (share: number): string => BANDS.find(([from]) => share >= from)![1];

const PRACTICE = ['none', 'a first class', 'some weeks', 'months', 'years'] as const;

/** What is known of someone's abilities, as rows: what, how much, how it is known. */
function rowsOf({
  strength,
  oneLeg,
  fromFloor,
  reachBehind,
  practice,
  ranges,
  body,
}: Known): [string, string, Ability<unknown>][] {
  return [
    ['Strength of the legs', bandOf(strength.legs.value), strength.legs],
    ['Strength of the arms', bandOf(strength.arms.value), strength.arms],
    ['Strength of the trunk', bandOf(strength.trunk.value), strength.trunk],
    ['On one leg', `${oneLeg.value} s`, oneLeg],
    ['Up from the floor', FLOOR[fromFloor.value], fromFloor],
    ['Arms reach behind', `${reachBehind.value}°`, reachBehind],
    ...rangeRows(ranges, body),
    ['Practice', PRACTICE[practice.value]!, practice],
  ];
}

/** Joints whose neighbours make up for them, as they are measured. */
const RANGES: readonly (readonly [joint: GivingJoint, what: string])[] = [
  ['hipFlexion', 'hips bend'],
  ['hipFlexionWithKneeStraight', 'a straight leg lifts'],
  ['hipExtension', 'the leg goes back'],
  ['shoulderFlexion', 'arms lift'],
  ['ankleFlexion', 'the foot bends up'],
  ['thoracicTwist', 'the chest turns'],
];

/** How far a joint goes: one number, or right and left. */
function degreesOf(body: BodyRanges, joint: GivingJoint): string {
  const [right, left] = [rangeOf(body, joint, 'right'), rangeOf(body, joint, 'left')];
  return right === left ? `${right}°` : `${right}° right and ${left}° left`;
}

/** How far joints go: those that were measured together, and those that are assumed. */
function rangeRows(ranges: Known['ranges'], body: BodyRanges): [string, string, Ability<unknown>][] {
  return (['measured', 'norm'] as const).flatMap((from): [string, string, Ability<unknown>][] => {
    const of = RANGES.filter(([joint]) => ranges[joint].from === from);
    const said = of.map(([joint, what]) => `${what} ${degreesOf(body, joint)}`).join(', ');
    return of.length ? [[from === 'measured' ? 'Joints, measured' : 'Joints', said, ranges[of[0]![0]]]] : [];
  });
}

const FLOOR: Readonly<Record<Known['fromFloor']['value'], string>> = {
  alone: 'alone',
  chair: 'with a chair',
  help: 'with help',
  no: 'no',
};

/** What someone can do, and how that is known. */
export function Abilities({ line, abilities }: { line: PersonLine; abilities: Known }) {
  const told = canAnswers(line.can);
  return (
    <section className="mb-8">
      <h2 className="mb-2 text-xl">Abilities</h2>
      <div className="overflow-x-auto rounded-2xl border border-line bg-paper">
        <table className="w-full text-left">
          <tbody>
            {rowsOf(abilities).map(([what, how, ability]) => (
              <tr key={what} className="border-b border-line align-top last:border-0">
                <th scope="row" className="px-4 py-2 font-semibold sm:w-56">
                  {what}
                </th>
                <td className="px-4 py-2 sm:w-80">{how}</td>
                <td className={`px-4 py-2 ${ability.from === 'norm' ? 'text-soft' : ''}`}>
                  {HOW[ability.from]}
                  {ability.since && ` ${sayDate(ability.since)}`}: {ability.says}
                  {ability.cite && RULEBOOK.sources[ability.cite] && (
                    <span className="block text-soft">
                      {RULEBOOK.sources[ability.cite]!.citation}, from memory
                    </span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {told.length > 0 && <p className="mt-3">{told.join(' · ')}</p>}
    </section>
  );
}
