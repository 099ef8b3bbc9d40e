import type { FigureScene, Stage } from '../room/stage.js';
import { measureView } from './measureView.js';
import { hiddenIn } from './seen.js';

/** Turns and tilts that are tried, degrees: from behind her right side to past her front, not from far above. */
const TURNS = Array.from({ length: 16 }, (_, i) => -36 + i * 12);
const TILTS = [8, 14, 24, 38] as const;
const ALL_ROUND = Array.from({ length: 15 }, (_, i) => -168 + i * 24);

/** A view from far above is read less easily: what it loses, by its tilt. */
const lossOf = (tilt: number): number => Math.max(0, tilt - 14) * 0.0025;

/** A view that is better than the author's by less than this, of 1, does not replace it. */
export const CLEARLY_BETTER = 0.06;

/**
 * The view that tells a pose best, and by how much it is better than its author's.
 *
 * @param stages its key frames
 */
export function bestView(
  stages: readonly Stage[],
  authored: FigureScene['view'],
): { view: FigureScene['view']; gain: number } {
  const worth = (view: FigureScene['view']): number => measureView(stages, view).total - lossOf(view[1]);
  const own = worth(authored);
  let best: { view: FigureScene['view']; gain: number } = { view: authored, gain: 0 };
  for (const turn of TURNS)
    for (const tilt of TILTS) {
      const gain = worth([turn, tilt]) - own;
      if (gain > best.gain) best = { view: [turn, tilt], gain };
    }
  return best;
}

/** A second view is at least so far round from the first, degrees. */
const APART = 50;

/**
 * The view that shows best what the first one hides, from well round it.
 *
 * @param stages its key frames
 */
export function secondView(stages: readonly Stage[], first: FigureScene['view']): FigureScene['view'] {
  let best: { view: FigureScene['view']; worth: number } = { view: [180 - first[0], first[1]], worth: -1 };
  const hidden = regionsHidden(stages, first);
  for (const turn of ALL_ROUND)
    for (const tilt of TILTS) {
      const apart = Math.abs(((turn - first[0] + 540) % 360) - 180);
      if (apart < APART) continue;
      const { total, regions } = measureView(stages, [turn, tilt]);
      const shown = hidden.length
        ? hidden.reduce((sum, region) => sum + Math.min(1, regions[region] * 2), 0) / hidden.length
        : 0;
      const worth = total - lossOf(tilt) + 0.4 * shown;
      if (worth > best.worth) best = { view: [turn, tilt], worth };
    }
  return best.view;
}

const regionsHidden = (stages: readonly Stage[], view: FigureScene['view']) =>
  hiddenIn(measureView(stages, view).regions);
