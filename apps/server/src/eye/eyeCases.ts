import {
  ageOn,
  compareEye,
  eyeCase,
  fitClass,
  housesDiffer,
  parseSequence,
  stagePerson,
  type EyeStep,
  type HallRules,
  type HouseView,
  type OtherHouse,
  type Verdict,
} from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import type { EyeCaseDto } from './eye.dto.js';

const WORLD = { catalogue: BUILT_IN, rulebook: RULEBOOK };

interface HallViews {
  houseView: HouseView;
  rules: HallRules;
}

/** A case by its number, as it is shown. */
export function showEyeCase({
  number,
  hall: { houseView, rules },
}: {
  number: number;
  hall: HallViews;
}): EyeCaseDto {
  const { person, on, plan, stoppedIn } = eyeCase(number, WORLD);
  const poseName = (id: string): string => BUILT_IN.poseName(id) ?? id;
  const staged = stagePerson(person, { on, houseView, rulebook: RULEBOOK, hall: rules, poseName });
  return {
    ...{ number, person, age: ageOn(person.born!, on) },
    stages: staged.stages.map(({ name, label }) => `${name}: ${label}`),
    ...(stoppedIn ? { stoppedIn: poseName(stoppedIn) } : {}),
    steps: parseSequence(plan, BUILT_IN).sequence.steps.map(({ text, pose, variant }, i) => ({
      ...{ step: i + 1, text, pose: pose.id, variant: variant.id },
    })),
  };
}

/** What a case's fitting does in this hall, beside what a teacher would do, and what it would do in other houses. */
export function answerEyeCase({
  number,
  marks,
  hall: { houseView, rules },
}: {
  number: number;
  marks: Readonly<Record<number, Verdict>>;
  hall: HallViews;
}): { condition: string; steps: EyeStep[]; others: OtherHouse[] } {
  const made = eyeCase(number, WORLD);
  const { sequence } = parseSequence(made.plan, BUILT_IN);
  const { person, on, condition } = made;
  const [lane] = fitClass({ ...WORLD, sequence, people: [person], on, houseView, hall: rules }).lanes;
  const steps = compareEye(marks, lane!);
  return { condition, steps, others: housesDiffer(made, houseView, WORLD, rules) };
}
