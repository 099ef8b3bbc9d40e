import { variantById } from '../../data/catalogue.js';

/**
 * What stands for a step: of a movement all of it; in a flow, which goes in on one breath and out on another, the key
 * frame where it has got to then.
 */
export function frameIn({
  variant,
  flow,
}: {
  variant: string;
  flow?: { on?: 'in' | 'out' };
}): number | 'move' {
  const { frames, inBreathTo } = variantById(variant).variant;
  const last = frames.length - 1;
  if (!last) return 0;
  if (!flow?.on) return 'move';
  return (flow.on === 'in') === (inBreathTo !== 'first') ? last : 0;
}
