/** What a measure is called in class, its unit, and how far its bar reaches. */
const WORDS: Readonly<Record<string, readonly [words: string, unit: string, most: number]>> = {
  headBelowHeart: ['Head below heart', ' cm', 40], eyesBelowHeart: ['Eyes below heart', ' cm', 40], lumbarFlexion: ['Low back rounds', '°', 60], lumbarFlexionUse: ['Low back rounds, share of range', '', 1.2],
  lumbarExtension: ['Low back hollows', '°', 35], lumbarExtensionUse: ['Low back hollows, share of range', '', 1.6], lumbarTwist: ['Low back turns', '°', 10], lumbarTwistUse: ['Low back turns, share of range', '', 1.2],
  thoracicTwist: ['Chest turns', '°', 45], thoracicTwistUse: ['Chest turns, share of range', '', 1.2], sideBendUse: ['Side bend, share of range', '', 1.2], sideBend: ['Side bend', '°', 40],
  neckExtensionUse: ['Neck bends back, share of range', '', 1.2], neckShare: ['Weight on the neck', '', 0.4], kneesShare: ['Weight on the knees', '', 1], handsShare: ['Weight on the hands', '', 1],
  isometric: ['Holding work, 0 to 3', '', 3], abdominalLoad: ['Belly work, 0 to 3', '', 3], feetApart: ['Feet apart, hip widths', '', 3], balanceMargin: ['Room to sway', ' cm', 15],
  holdSeconds: ['Hold', ' s', 120], supineUnbroken: ['On the back without a break', ' s', 300], supineTotal: ['On the back in all', ' s', 600], headDownUnbroken: ['Head down without a break', ' s', 120], headDownTotal: ['Head down in all', ' s', 300], pelvisUpUnbroken: ['Pelvis up without a break', ' s', 300], pelvisUpTotal: ['Pelvis up in all', ' s', 600], armsAboveHeart: ['Hands above heart', ' cm', 90],
  hipFlexionWithKneeStraight: ['Straight leg to the trunk', '°', 140], hipAbduction: ['Thighs apart', '°', 80], closedTwist: ['Arm across the other thigh', '', 1], inverted: ['Upside down', '', 1], supine: ['Flat on the back', '', 1],
  oneLeg: ['On one leg', '', 1], jumping: ['Jumping', '', 1], spineLoad: ['Weight on the low back', '', 1], lowBackMoment: ['Leverage on the low back', '', 0.1], legsAboveHeart: ['Legs above heart', ' cm', 90], pelvisAboveHeart: ['Pelvis above heart', ' cm', 60],
  forearmsShare: ['Weight on the forearms', '', 1], wristLoad: ['Weight on the hand', '', 0.6], kneeLoad: ['Weight on the knee', '', 1], trunkIncline: ['Trunk raised from flat', '°', 90], met: ['Effort, METs', '', 6],
  bellyPressed: ['Belly pressed', '', 1], hang: ['Hanging in a joint', '', 1], bind: ['A bind', '', 1], strap: ['A strap', '', 1], eyesClosed: ['Eyes closed', '', 1], heelsLifted: ['Heels lifted', '', 1], eyeContact: ['Something on the eyes', '', 1],
  thoracicFlexion: ['Upper back rounds', '°', 45], thoracicFlexionUse: ['Upper back rounds, share of range', '', 2], thoracicExtension: ['Upper back hollows', '°', 25], thoracicExtensionUse: ['Upper back hollows, share of range', '', 3], neckFlexion: ['Neck bends forward', '°', 65], neckFlexionUse: ['Neck bends forward, share of range', '', 1.2],
  neckExtension: ['Neck bends back', '°', 65], neckRotation: ['Head turns', '°', 80], neckSideBend: ['Head tips to the side', '°', 45], hipFlexion: ['Hip bends', '°', 145], hipExtension: ['Hip stretches back', '°', 30], hipAdduction: ['Thigh crosses', '°', 40],
  hipRotationIn: ['Thigh turns in', '°', 60], hipRotationOut: ['Thigh turns out', '°', 80], kneeFlexion: ['Knee bends', '°', 160], kneeHyperextension: ['Knee locks back', '°', 10], ankleFlexion: ['Ankle bends', '°', 40], shoulderFlexion: ['Arm rises', '°', 180], shoulderAbduction: ['Arm goes out', '°', 180],
  shoulderExtension: ['Arm goes behind', '°', 75], shoulderRotationIn: ['Arm turns in', '°', 95], shoulderRotationOut: ['Arm turns out', '°', 100], wristExtension: ['Wrist bends back', '°', 90],
};

/** Measures that are yes or no are said, not drawn. */
const YES_NO = new Set(['closedTwist', 'inverted', 'supine', 'oneLeg', 'jumping', 'bellyPressed', 'hang', 'bind', 'strap', 'eyesClosed', 'heelsLifted', 'eyeContact']);

/** Words, unit and reach for a measure's bar; own ranges read as the joint they are about. */
export function measureWords(measure: string, value: number | string, limit: number | string): { words: string; unit: string; most: number; drawn: boolean } {
  const [words, unit, most] = WORDS[measure] ?? [measure.replace(/([A-Z])/g, ' $1').toLowerCase().replace(/^./, (letter) => letter.toUpperCase()), '°', 180];
  const drawn = typeof value === 'number' && typeof limit === 'number' && !YES_NO.has(measure);
  return { words, unit, most: drawn ? Math.max(most, (value as number) * 1.05, (limit as number) * 1.05) : most, drawn };
}
