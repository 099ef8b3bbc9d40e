import { Engine, type NestedCondition, type RuleProperties } from 'json-rules-engine';
import {
  countSeconds,
  limbsOf,
  NO_SUMS,
  quantityOf,
  strengthenedBy,
  sumsAfter,
  type ActiveRule,
  type Bound,
  type LimbSide,
  type Person,
  type Quantity,
  type StagedPerson,
} from '@lotus-steady/core';
import type { MeasureTable } from '@lotus-steady/core';

/** What one variant is told to a general rule engine: every quantity that its rules look at, by name. */
export type Facts = Record<string, string | number | boolean>;

const factName = (quantity: Quantity, limb: LimbSide | undefined): string =>
  limb ? `${quantity}@${limb}` : quantity;

/** One bound as a condition of the general engine. */
function conditionOf(bound: Bound, limb: LimbSide | undefined): NestedCondition {
  if ('measure' in bound)
    return {
      fact: factName(bound.measure, limb),
      operator: 'over' in bound ? 'greaterThan' : 'lessThan',
      value: 'over' in bound ? bound.over : bound.under,
    };
  if ('holdOver' in bound) return { fact: 'holdSeconds', operator: 'greaterThan', value: bound.holdOver };
  if ('sum' in bound) return { fact: bound.sum, operator: 'greaterThan', value: bound.over };
  if ('level' in bound) return { fact: 'level', operator: 'in', value: bound.level };
  if ('levelNot' in bound) return { fact: 'level', operator: 'notIn', value: bound.levelNot };
  if ('breath' in bound) return { fact: 'breath', operator: 'in', value: bound.breath };
  if ('support' in bound) return { fact: 'support', operator: 'in', value: bound.support };
  if ('still' in bound) return { fact: 'moving', operator: 'equal', value: false };
  if ('purposeNot' in bound) return { fact: 'action', operator: 'notIn', value: bound.purposeNot };
  if ('skillOver' in bound) return { fact: 'skill', operator: 'greaterThan', value: bound.skillOver };
  if ('unhelped' in bound) return { fact: 'helped', operator: 'notEqual', value: bound.unhelped };
  if ('familyNot' in bound) return { fact: 'family', operator: 'notIn', value: bound.familyNot };
  if ('strengthens' in bound) return { fact: 'strengthens', operator: 'in', value: bound.strengthens };
  if ('poseNot' in bound) return { fact: 'pose', operator: 'notIn', value: bound.poseNot };
  return { fact: 'levelChange', operator: 'equal', value: true };
}

const ruleOf = (active: ActiveRule): RuleProperties => ({
  conditions: {
    any: limbsOf(active).map((limb): NestedCondition => ({
      all: active.rule.all.map((bound) => conditionOf(bound, limb)),
    })),
  },
  event: { type: active.rule.id },
});

/** The same rules in a general engine, for the speed of the two to be set side by side. */
export const generalEngine = ({ rules }: StagedPerson): Engine => new Engine(rules.map(ruleOf));

/** Facts of every row of a table, as the general engine takes them; on the side a pose is described on. */
export function factsOf(
  { rows }: MeasureTable,
  { rules, person }: StagedPerson,
  measures: (id: string) => Parameters<typeof quantityOf>[1]['measures'],
  on: string,
): Facts[] {
  const asked = new Map<string, { quantity: Quantity; limb: LimbSide | undefined }>();
  for (const active of rules)
    for (const limb of limbsOf(active))
      for (const bound of active.rule.all)
        if ('measure' in bound) asked.set(factName(bound.measure, limb), { quantity: bound.measure, limb });
  return rows.map(({ pose, variant }): Facts => {
    const held = pose.hold.usual * countSeconds(pose, variant.breath, person as Person, on);
    const judged = { measures: measures(variant.id) };
    return {
      ...Object.fromEntries(
        [...asked].map(([name, { quantity, limb }]) => [
          name,
          quantityOf(quantity, judged, person.ranges, limb),
        ]),
      ),
      holdSeconds: held,
      ...sumsAfter(NO_SUMS, judged.measures, held * (pose.side ? 2 : 1)),
      level: variant.level,
      breath: variant.breath,
      support: variant.support,
      skill: variant.skill ?? 1,
      moving: pose.hold.unit === 'rounds',
      action: pose.purposes[0].action,
      family: pose.family,
      pose: pose.id,
      strengthens: strengthenedBy(pose).find((region) => region === 'pelvic floor') ?? 'nothing',
      levelChange: false,
    };
  });
}
