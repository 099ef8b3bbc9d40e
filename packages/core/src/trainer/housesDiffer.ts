import { createFitter } from '../fitting/fitter.js';
import type { Verdict } from '../fitting/types.js';
import { parseSequence } from '../reading/parseSequence.js';
import type { HallRules } from '../rules/hallRules.js';
import type { HouseView } from '../rules/houseViewTypes.js';
import { compareEye } from './compareEye.js';
import type { EyeCase, EyeWorld } from './types.js';

/** Where another position on a topic would do something else. */
export interface OtherHouse {
  topic: string;
  position: string;
  step: number;
  verdict: Verdict;
}

/**
 * Where houses differ in a case: what each other position of each topic would do otherwise, topic by topic.
 *
 * @param hall what it changes about the rulebook, whatever its position
 */
export function housesDiffer(
  { person, on, plan }: Pick<EyeCase, 'person' | 'on' | 'plan'>,
  houseView: HouseView,
  { catalogue, rulebook }: EyeWorld,
  hall?: HallRules,
): OtherHouse[] {
  const { sequence } = parseSequence(plan, catalogue);
  const verdictsIn = (view: HouseView): Map<number, Verdict> => {
    const input = { people: [person], on, houseView: view, catalogue, rulebook, ...(hall ? { hall } : {}) };
    const fitter = createFitter(input);
    const [lane] = fitter.fit(sequence).lanes;
    return new Map(compareEye({}, lane!).map(({ step, given }) => [step, given]));
  };
  const here = verdictsIn(houseView);
  return Object.entries(rulebook.houseViewTopics).flatMap(([topic, { positions }]) =>
    positions
      .filter(({ id }) => id !== houseView[topic])
      .flatMap(({ id: position }) =>
        [...verdictsIn({ ...houseView, [topic]: position })]
          .filter(([step, verdict]) => here.get(step) !== verdict)
          .map(([step, verdict]) => ({ topic, position, step, verdict })),
      ),
  );
}
