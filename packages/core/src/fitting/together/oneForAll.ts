import type { Catalogue } from '../../poses/catalogue.js';
import type { Step } from '../../reading/parseSequence.js';
import type { Option } from '../person/index.js';

/**
 * One version of a step for everybody: what it costs beside each for themselves, and who leaves what was
 * asked for it.
 */
export interface OneForAll {
  pose: string;
  variant: string;
  cost: number;
  /** People, by id. */
  leaving: readonly string[];
}
/** So many are offered. */
const OFFERED = 3;

/** Ways to do a step that every one of some lanes may take, cheapest in all first; none where there is none. */
export function oneForAll(
  lanes: readonly { id: string; options: readonly Option[] }[],
  step: Step,
  catalogue: Catalogue,
): OneForAll[] {
  const shared = new Map<string, { cost: number; count: number; leaving: string[] }>();
  let alone = 0;
  for (const { id: personId, options } of lanes) {
    const own = new Map<string, number>();
    let best = Infinity;
    for (const { sides, cost } of options) {
      const [id] = sides.map(({ candidate }) => candidate?.variant.id);
      best = Math.min(best, cost);
      if (id && sides.every(({ candidate }) => candidate?.variant.id === id && candidate.verdict !== 'rest'))
        own.set(id, Math.min(own.get(id) ?? Infinity, cost));
    }
    alone += best;
    for (const [id, cost] of own) {
      const known = shared.get(id) ?? { cost: 0, count: 0, leaving: [] };
      shared.set(id, {
        cost: known.cost + cost,
        count: known.count + 1,
        leaving:
          id !== step.variant.id && own.has(step.variant.id) && own.get(step.variant.id)! < 1e-9
            ? [...known.leaving, personId]
            : known.leaving,
      });
    }
  }
  return [...shared]
    .filter(([, { count }]) => count === lanes.length)
    .sort(([a, x], [b, y]) => x.cost - y.cost || (a < b ? -1 : 1))
    .slice(0, OFFERED)
    .map(([variant, { cost, leaving }]) => ({
      pose: catalogue.variant(variant).pose.id,
      variant,
      cost: Math.round((cost - alone) * 10) / 10,
      leaving,
    }));
}
