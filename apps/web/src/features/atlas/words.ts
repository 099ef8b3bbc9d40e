import type { Family, MeasureName, Pose, Purpose } from '@lotus-steady/core';

/** Families in the order of the shelf, and what they are called. */
export const FAMILIES: readonly (readonly [Family, string])[] = [
  ['breath', 'Breath and arriving'], ['joints', 'Small joint movements'], ['chair', 'Chair'], ['standing', 'Standing'], ['balance', 'Balance'], ['all-fours', 'All fours and kneeling'], ['prone', 'On the belly'],
  ['supine', 'On the back'], ['seated', 'Sitting on the floor'], ['side-lying', 'On the side'], ['inverted', 'Upside down'], ['rest', 'Rest'], ['children', 'Children’s shapes and games'],
];

export const sayPurpose = ({ action, region, spine }: Purpose): string => `${action} ${region === 'whole' ? 'the whole body' : region}${spine ? ` (${spine})` : ''}`;

export const sayHoldOf = ({ hold }: Pick<Pose, 'hold'>): string => `${hold.usual} ${hold.unit}, ${hold.least} to ${hold.most}`;

/** Measures worth a bar: words, unit, what counts as the end of the bar, and what is usual. */
export const BARS: readonly { measure: MeasureName; words: string; unit: string; most: number; use?: true }[] = [
  { measure: 'headBelowHeart', words: 'Head below heart', unit: ' cm', most: 40 },
  { measure: 'lumbarFlexion', words: 'Low back rounds', unit: '°', most: 55, use: true },
  { measure: 'lumbarExtension', words: 'Low back hollows', unit: '°', most: 17, use: true },
  { measure: 'thoracicFlexion', words: 'Upper back rounds', unit: '°', most: 25, use: true },
  { measure: 'thoracicExtension', words: 'Upper back hollows', unit: '°', most: 8, use: true },
  { measure: 'lumbarTwist', words: 'Low back turns', unit: '°', most: 9, use: true },
  { measure: 'thoracicTwist', words: 'Chest turns', unit: '°', most: 36, use: true },
  { measure: 'sideBend', words: 'Side bend', unit: '°', most: 35, use: true },
  { measure: 'neckFlexion', words: 'Neck bends forward', unit: '°', most: 55, use: true },
  { measure: 'neckExtension', words: 'Neck bends back', unit: '°', most: 45, use: true },
  { measure: 'neckRotation', words: 'Head turns', unit: '°', most: 60, use: true },
  { measure: 'hipFlexionRight', words: 'Right hip bends', unit: '°', most: 120, use: true },
  { measure: 'hipFlexionLeft', words: 'Left hip bends', unit: '°', most: 120, use: true },
  { measure: 'hipExtensionRight', words: 'Right hip stretches back', unit: '°', most: 30, use: true },
  { measure: 'hipExtensionLeft', words: 'Left hip stretches back', unit: '°', most: 30, use: true },
  { measure: 'hipAbductionRight', words: 'Right thigh out', unit: '°', most: 45, use: true },
  { measure: 'hipAbductionLeft', words: 'Left thigh out', unit: '°', most: 45, use: true },
  { measure: 'kneeFlexionRight', words: 'Right knee bends', unit: '°', most: 160, use: true },
  { measure: 'kneeFlexionLeft', words: 'Left knee bends', unit: '°', most: 160, use: true },
  { measure: 'shoulderFlexionRight', words: 'Right arm rises', unit: '°', most: 180, use: true },
  { measure: 'shoulderFlexionLeft', words: 'Left arm rises', unit: '°', most: 180, use: true },
  { measure: 'wristExtensionRight', words: 'Wrists bend back', unit: '°', most: 90, use: true },
  { measure: 'handsShare', words: 'Weight on the hands', unit: ' % of body weight', most: 1 },
  { measure: 'kneesShare', words: 'Weight on the knees', unit: ' % of body weight', most: 1 },
  { measure: 'neckShare', words: 'Weight on the neck', unit: ' % of body weight', most: 0.4 },
];
