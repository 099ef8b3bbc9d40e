/** What a measure is called in class, its unit, and how far its bar reaches. */
const WORDS: Readonly<Record<string, readonly [words: string, unit: string, most: number]>> = {
  headBelowHeart: ['Head below heart', ' cm', 40], eyesBelowHeart: ['Eyes below heart', ' cm', 40], lumbarFlexion: ['Low back rounds', '°', 60], lumbarFlexionUse: ['Low back rounds, share of range', '', 1.2],
  lumbarExtension: ['Low back hollows', '°', 35], lumbarExtensionUse: ['Low back hollows, share of range', '', 1.6], lumbarTwist: ['Low back turns', '°', 10], lumbarTwistUse: ['Low back turns, share of range', '', 1.2],
  thoracicTwist: ['Chest turns', '°', 45], thoracicTwistUse: ['Chest turns, share of range', '', 1.2], sideBendUse: ['Side bend, share of range', '', 1.2], sideBend: ['Side bend', '°', 40],
  neckExtensionUse: ['Neck bends back, share of range', '', 1.2], neckShare: ['Weight on the neck', '', 0.4], kneesShare: ['Weight on the knees', '', 1], handsShare: ['Weight on the hands', '', 1],
  isometric: ['Holding work, 0 to 3', '', 3], abdominalLoad: ['Belly work, 0 to 3', '', 3], feetApart: ['Feet apart, hip widths', '', 3], balanceMargin: ['Room to sway', ' cm', 15],
  holdSeconds: ['Hold', ' s', 120], supineUnbroken: ['On the back without a break', ' s', 300], supineTotal: ['On the back in all', ' s', 600], armsAboveHeart: ['Hands above heart', ' cm', 90],
  hipFlexionWithKneeStraight: ['Straight leg to the trunk', '°', 140], hipAbduction: ['Thighs apart', '°', 80], closedTwist: ['Arm across the other thigh', '', 1], inverted: ['Upside down', '', 1], supine: ['Flat on the back', '', 1],
  oneLeg: ['On one leg', '', 1], jumping: ['Jumping', '', 1],
};

/** Measures that are yes or no are said, not drawn. */
const YES_NO = new Set(['closedTwist', 'inverted', 'supine', 'oneLeg', 'jumping']);

/** Words, unit and reach for a measure's bar; own ranges read as the joint they are about. */
export function measureWords(measure: string, value: number | string, limit: number | string): { words: string; unit: string; most: number; drawn: boolean } {
  const [words, unit, most] = WORDS[measure] ?? [measure.replace(/([A-Z])/g, ' $1').toLowerCase().replace(/^./, (letter) => letter.toUpperCase()), '°', 180];
  const drawn = typeof value === 'number' && typeof limit === 'number' && !YES_NO.has(measure);
  return { words, unit, most: drawn ? Math.max(most, (value as number) * 1.05, (limit as number) * 1.05) : most, drawn };
}
