/** What a deep step leaves to be answered by a counter-pose. */
export type CounterNeed = 'back-bend' | 'fold' | 'inversion';

/**
 * Poses that answer what a deep step leaves, by id, best first; after an inversion by the position of the
 * house view topic `after-shoulder-stand`.
 */
export interface CounterPoses {
  'back-bend': readonly string[];
  fold: readonly string[];
  inversion: Readonly<Record<string, readonly string[]>>;
}

/** Poses that answer what a deep step leaves, best first, under a house view. */
export function counterPosesFor(
  need: CounterNeed,
  counterPoses: CounterPoses,
  view: Readonly<Record<string, string>>,
): readonly string[] {
  if (need !== 'inversion') return counterPoses[need];
  return counterPoses.inversion[view['after-shoulder-stand'] ?? 'twist-or-knees-in']!;
}
