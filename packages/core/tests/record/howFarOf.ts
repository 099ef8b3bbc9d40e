import { doneOf, LIMIT_KINDS, measuresFor, POSES, variantById, type Done } from '../builtIn.js';
import type { Fitting, LaneStep } from '../../src/index.js';

/** Every variant of the catalogue as a step of its own that somebody of 165 cm did, half a minute on each side. */
export function everyVariantDone(): Done[] {
  const steps = POSES.flatMap((pose) =>
    pose.ladder.map(({ id, level, breath }) => ({ pose, id, level, breath })),
  ).map(
    ({ pose, id, level, breath }, i) =>
      ({
        ...{ step: i + 1, pose: pose.id, variant: id, level, breath, hold: { seconds: 30 } },
        sides: pose.side ? ['right', 'left'] : [],
        measures: measuresFor(id, 165),
      }) as unknown as LaneStep,
  );
  const fitting = {
    steps: steps.map(({ step }) => ({ step })),
    lanes: [{ personId: 'her', steps }],
  } as unknown as Pick<Fitting, 'lanes' | 'steps'>;
  return doneOf(fitting, 'her', { variant: variantById }, LIMIT_KINDS);
}
