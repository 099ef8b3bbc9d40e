/**
 * `npm run views`: measures for every variant which view tells it best, and writes those that are clearly better than
 * their author's, and which parts of the body each view hides, to `packages/core/catalogue/views/`. Look at them with
 * `npm run sheet`; what should stay as it was goes to `kept.ts` there.
 */
import { writeFileSync } from 'node:fs';
import { propsFor } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { bestView, CLEARLY_BETTER, hiddenIn, measureView, stageOf } from '@lotus-steady/figure';
import { SCULPTURE } from '@lotus-steady/figure/node';
import { WAYS } from '../packages/core/catalogue/ways.js';
import { POSES } from '../packages/core/catalogue/poses/index.js';
import { KEPT_VIEWS } from '../packages/core/catalogue/views/kept.js';

const FILE = 'packages/core/catalogue/views/measured.ts';
const HIDDEN = 'packages/core/catalogue/views/hidden.ts';
const isKept = (id: string): boolean => Object.keys(KEPT_VIEWS).some((start) => id.startsWith(start));
const lines: string[] = [];
const hidden: string[] = [];
for (const variant of [...POSES.flatMap((pose) => pose.ladder), ...WAYS.map((way) => way.variant)]) {
  const { postures, heightCm } = BUILT_IN.postures(variant.id, 165);
  const props = propsFor(variant, heightCm);
  const stages = postures.map((posture) =>
    stageOf({ posture, heightCm, props, view: variant.view }, SCULPTURE.coarse),
  );
  const best = isKept(variant.id) ? { view: variant.view, gain: 0 } : bestView(stages, variant.view);
  const isBetter = best.gain >= CLEARLY_BETTER;
  const unseen = hiddenIn(measureView(stages, isBetter ? best.view : variant.view).regions);
  if (unseen.length) hidden.push(`  '${variant.id}': [${unseen.map((part) => `'${part}'`).join(', ')}],`);
  if (!isBetter) continue;
  const { view, gain } = best;
  lines.push(`  '${variant.id}': [${view.join(', ')}],`);
  console.log(`${variant.id}: ${variant.view.join(' ')} → ${view.join(' ')}, ${gain.toFixed(2)} better`);
}
writeFileSync(
  FILE,
  `/** Written by \`npm run views\`: views that tell a pose clearly better than their author's. */
export const MEASURED_VIEWS: Readonly<Record<string, readonly [turn: number, tilt: number]>> = {
${lines.join('\n')}
};
`,
);
writeFileSync(
  HIDDEN,
  `import type { HiddenPart } from './index.js';

/** Written by \`npm run views\`: what of head, hands, feet and knees cannot be made out in a version's view. */
export const HIDDEN_PARTS: Readonly<Record<string, readonly HiddenPart[]>> = {
${hidden.join('\n')}
};
`,
);
