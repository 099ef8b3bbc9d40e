import type { Pose } from '../poses/types.js';

/** Pains of the back in which a little and often helps; common practice, no published source. */
const BACK = ['low-back-pain', 'lumbar-disc', 'sciatica', 'spinal-stenosis', 'facet-pain'];

/**
 * How often a day something is practised: once; with back pain what turns the spine three to four times, a little each
 * time. Common practice, no published source.
 *
 * @param conditions of hers, by id
 */
export function howOften(
  { purposes }: Pick<Pose, 'purposes'>,
  conditions: readonly string[],
): readonly [least: number, most: number] {
  const turns = purposes.some(({ spine }) => spine === 'twist');
  return turns && conditions.some((id) => BACK.includes(id)) ? [3, 4] : [1, 1];
}
