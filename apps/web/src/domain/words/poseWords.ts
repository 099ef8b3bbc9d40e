import { USUAL_RANGE, type Family, type MeasureName, type Pose, type Purpose } from '@lotus-steady/core';

/** Families in the order of the shelf, and what they are called. */
export const FAMILIES: readonly (readonly [Family, string])[] = [
  ['breath', 'Breath and arriving'],
  ['joints', 'Small joint movements'],
  ['chair', 'Chair'],
  ['standing', 'Standing'],
  ['balance', 'Balance'],
  ['all-fours', 'All fours and kneeling'],
  ['prone', 'On the belly'],
  ['supine', 'On the back'],
  ['seated', 'Sitting on the floor'],
  ['side-lying', 'On the side'],
  ['inverted', 'Upside down'],
  ['rest', 'Rest'],
  ['children', 'Children’s shapes and games'],
];

export const sayPurpose = ({ action, region, spine }: Purpose): string =>
  `${action} ${region === 'whole' ? 'the whole body' : region}${spine ? ` (${spine})` : ''}`;

export const sayHoldOf = ({ hold }: Pick<Pose, 'hold'>): string =>
  `${hold.usual} ${hold.unit}, ${hold.least} to ${hold.most}`;

/** Measures worth a bar: words, unit, what counts as the end of the bar, and what is usual. */
export const BARS: readonly {
  measure: MeasureName;
  words: string;
  unit: string;
  most: number;
  use?: true;
}[] = [
  { measure: 'headBelowHeart', words: 'Head below heart', unit: ' cm', most: 40 },
  {
    measure: 'lumbarFlexion',
    words: 'Low back rounds',
    unit: '°',
    most: USUAL_RANGE.lumbarFlexion,
    use: true,
  },
  {
    measure: 'lumbarExtension',
    words: 'Low back hollows',
    unit: '°',
    most: USUAL_RANGE.lumbarExtension,
    use: true,
  },
  {
    measure: 'thoracicFlexion',
    words: 'Upper back rounds',
    unit: '°',
    most: USUAL_RANGE.thoracicFlexion,
    use: true,
  },
  {
    measure: 'thoracicExtension',
    words: 'Upper back hollows',
    unit: '°',
    most: USUAL_RANGE.thoracicExtension,
    use: true,
  },
  { measure: 'lumbarTwist', words: 'Low back turns', unit: '°', most: USUAL_RANGE.lumbarTwist, use: true },
  { measure: 'thoracicTwist', words: 'Chest turns', unit: '°', most: USUAL_RANGE.thoracicTwist, use: true },
  { measure: 'sideBend', words: 'Side bend', unit: '°', most: USUAL_RANGE.sideBend, use: true },
  {
    measure: 'neckFlexion',
    words: 'Neck bends forward',
    unit: '°',
    most: USUAL_RANGE.neckFlexion,
    use: true,
  },
  {
    measure: 'neckExtension',
    words: 'Neck bends back',
    unit: '°',
    most: USUAL_RANGE.neckExtension,
    use: true,
  },
  { measure: 'neckRotation', words: 'Head turns', unit: '°', most: USUAL_RANGE.neckRotation, use: true },
  {
    measure: 'hipFlexionRight',
    words: 'Right hip bends',
    unit: '°',
    most: USUAL_RANGE.hipFlexion,
    use: true,
  },
  { measure: 'hipFlexionLeft', words: 'Left hip bends', unit: '°', most: USUAL_RANGE.hipFlexion, use: true },
  {
    measure: 'hipExtensionRight',
    words: 'Right hip stretches back',
    unit: '°',
    most: USUAL_RANGE.hipExtension,
    use: true,
  },
  {
    measure: 'hipExtensionLeft',
    words: 'Left hip stretches back',
    unit: '°',
    most: USUAL_RANGE.hipExtension,
    use: true,
  },
  {
    measure: 'hipAbductionRight',
    words: 'Right thigh out',
    unit: '°',
    most: USUAL_RANGE.hipAbduction,
    use: true,
  },
  {
    measure: 'hipAbductionLeft',
    words: 'Left thigh out',
    unit: '°',
    most: USUAL_RANGE.hipAbduction,
    use: true,
  },
  {
    measure: 'kneeFlexionRight',
    words: 'Right knee bends',
    unit: '°',
    most: USUAL_RANGE.kneeFlexion,
    use: true,
  },
  {
    measure: 'kneeFlexionLeft',
    words: 'Left knee bends',
    unit: '°',
    most: USUAL_RANGE.kneeFlexion,
    use: true,
  },
  {
    measure: 'shoulderFlexionRight',
    words: 'Right arm rises',
    unit: '°',
    most: USUAL_RANGE.shoulderFlexion,
    use: true,
  },
  {
    measure: 'shoulderFlexionLeft',
    words: 'Left arm rises',
    unit: '°',
    most: USUAL_RANGE.shoulderFlexion,
    use: true,
  },
  {
    measure: 'wristExtensionRight',
    words: 'Right wrist bends back',
    unit: '°',
    most: USUAL_RANGE.wristExtension,
    use: true,
  },
  {
    measure: 'wristExtensionLeft',
    words: 'Left wrist bends back',
    unit: '°',
    most: USUAL_RANGE.wristExtension,
    use: true,
  },
  { measure: 'handsShare', words: 'Weight on the hands', unit: ' % of body weight', most: 1 },
  { measure: 'kneesShare', words: 'Weight on the knees', unit: ' % of body weight', most: 1 },
  { measure: 'neckShare', words: 'Weight on the neck', unit: ' % of body weight', most: 0.4 },
];
