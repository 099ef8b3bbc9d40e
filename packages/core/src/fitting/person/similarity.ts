import type { Pose, Purpose } from '../../poses/types.js';

const shares = (a: Purpose, b: Purpose): boolean =>
  (a.action === b.action && a.region === b.region) || (a.spine !== undefined && a.spine === b.spine);

/**
 * How well one pose serves what another is for: 1 where the primary purposes share action and
 * region or name the same direction of the spine ("same purpose"); 0.5 where a primary meets a
 * secondary, 0.75 where each primary meets a secondary of the other; 0 otherwise.
 */
export function similarity(a: Pick<Pose, 'purposes'>, b: Pick<Pose, 'purposes'>): number {
  const [primaryA, ...secondA] = a.purposes;
  const [primaryB, ...secondB] = b.purposes;
  if (shares(primaryA, primaryB)) return 1;
  const there = secondB.some((purpose) => shares(primaryA, purpose));
  const back = secondA.some((purpose) => shares(purpose, primaryB));
  if (there && back) return 0.75;
  if (there || back) return 0.5;
  return 0;
}
