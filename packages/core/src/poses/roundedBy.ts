import { USUAL_RANGE } from '../body/ranges.js';

/**
 * What the low back rounds because straight legs do not give more, degrees. Hips fold about 80 degrees over
 * straight knees (70 to 90; USUAL_RANGE), hamstrings hold the pelvis there, and the rest of a fold comes
 * from the low back, as far as that goes. A shape in the catalogue is drawn on a supple body; most who copy
 * it pay with the low back.
 *
 * @param lumbar how the low back is in the shape, degrees, negative where it hollows
 * @param hipWithKneeStraight hip flexion of the leg that is straight, degrees; the deeper one of two; 0
 * where both knees bend
 * @returns flexion of the low back in somebody of usual hamstrings, at least 0; never more than the usual
 * range unless the shape itself is
 * @example A seated fold, low back 20, hips 115 over straight legs: `roundedBy(20, 115)` is 55: all that
 * the low back has.
 */
export const roundedBy = (lumbar: number, hipWithKneeStraight: number): number =>
  Math.max(
    0,
    lumbar,
    Math.min(
      lumbar + Math.max(0, hipWithKneeStraight - USUAL_RANGE.hipFlexionWithKneeStraight),
      USUAL_RANGE.lumbarFlexion,
    ),
  );
