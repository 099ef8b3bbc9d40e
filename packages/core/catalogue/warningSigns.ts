import type { WarningSign } from '../src/authoring/ruleWords.js';

const EMERGENCY = 'the emergency services now';
const DOCTOR = 'the doctor today';
const MIDWIFE = 'the midwife or maternity unit today';
const sign = (asks: string, act: WarningSign['act'], who = act === 'emergency' ? EMERGENCY : DOCTOR): WarningSign => ({ asks, act, who });
const all = (asks: string, act: WarningSign['act'], who?: string): WarningSign => ({ ...sign(asks, act, who), everyone: true });

/**
 * Signs that stop a class and refer. Pregnancy: ACOG CO 804 and NICE NG133; back: NICE NG59 and cauda
 * equina guidance; the rest common practice; all from memory.
 */
export const WARNING_SIGNS = {
  'chest-pain': all('Pain, pressure or tightness in the chest', 'emergency'),
  'stroke-signs': all('A drooping face, a weak arm, slurred speech, new weakness or numbness on one side', 'emergency'),
  thunderclap: all('A sudden, worst-ever headache', 'emergency'),
  'breathless-at-rest': all('Short of breath at rest', 'emergency'),
  fainted: all('Fainted, or nearly, or palpitations with faintness', 'today'),
  'calf-swelling': all('One calf swollen, sore or red', 'today'),
  'vision-change': all('A sudden change of sight', 'emergency'),
  saddle: all('Numb between the legs, or new trouble with bladder, bowel or sexual feeling', 'emergency'),
  'fever-stiff-neck': all('Fever with a stiff neck', 'emergency'),
  'seizure-today': all('A seizure today', 'today'),
  'hot-joint': all('A hot, swollen joint', 'today'),
  'vaginal-bleeding': sign('Bleeding from the vagina', 'today', MIDWIFE),
  'fluid-loss': sign('Fluid leaking from the vagina', 'today', MIDWIFE),
  contractions: sign('Regular painful tightening of the womb', 'today', MIDWIFE),
  'belly-pain': sign('Pain in the belly or under the ribs', 'today', MIDWIFE),
  'fewer-movements': sign('The baby moves less or differently', 'today', MIDWIFE),
  'pregnancy-headache': sign('Headache that stays, seeing spots, face or hands suddenly swollen', 'emergency', 'the maternity unit now'),
  'belly-blow': sign('A fall on the belly or a blow to it', 'today', MIDWIFE),
  dizzy: sign('Dizzy or faint before any effort', 'today'),
  'heavy-bleeding': sign('Fresh bleeding that soaks a pad in an hour, clots, or bleeding that starts again after being active', 'today', MIDWIFE),
  'wound-trouble': sign('A wound that is red, hot, open or weeping', 'today'),
  'both-legs': sign('Pain, numbness or weakness in both legs, or a weakness that grows', 'emergency'),
  'leg-weakness': sign('A foot that drops, or a leg that gives way', 'today'),
  'night-pain': sign('New back pain at night, with fever, weight loss, or after cancer', 'today'),
  'back-after-fall': sign('New back pain after a fall or a knock', 'today'),
  'tearing-pain': sign('Tearing pain in chest or back', 'emergency'),
  'weight-up': sign('More than 2 kg heavier in three days, or breathless lying flat', 'today'),
  'device-shock': sign('A shock from the device', 'today'),
  'clumsy-hands': sign('Clumsy hands, unsteady walking, electric feelings down the back when nodding', 'today'),
  'double-vision': sign('Double vision, trouble swallowing or speaking, sudden deafness on one side', 'emergency'),
  'flashes-floaters': sign('New flashes, floaters or a curtain before an eye', 'emergency', 'an eye emergency department now'),
  'eye-pain': sign('A painful red eye or halos round lights', 'emergency', 'an eye emergency department now'),
  'low-sugar': sign('Shaky, sweating, confused: low sugar', 'today', 'give sugar, wait, then the doctor if it stays'),
  'high-sugar': sign('Blood sugar over 13.9 mmol/l with ketones or feeling ill', 'today'),
  'foot-ulcer': sign('An open sore on a foot', 'today'),
  dysreflexia: sign(
    'A pounding headache, flushing, pressure 20 to 40 above the person’s own usual (cord injury at T6 or above)',
    'emergency',
    'sit the person up, loosen straps, check bladder and skin, and call the emergency services',
  ),
  'chemo-fever': sign('38.0 or more while on chemotherapy', 'emergency', 'the cancer team’s emergency line now'),
  'bone-pain': sign('New pain in a bone', 'today', 'the cancer team today'),
  'blow-to-head': sign('A blow to the head, a large bruise or a black stool on blood thinners', 'emergency'),
  'head-injury-worse': sign('Headache that grows, vomiting, or hard to wake after a head injury', 'emergency'),
  crash: sign('A crash after the last class that lasted more than two days', 'today'),
  'oxygen-low': sign('Oxygen under 88 % where it is measured', 'today'),
  'hernia-stuck': sign('A hernia that is hard, painful and does not go back', 'emergency'),
  'hip-out': sign('Sudden hip pain with the leg turned or shorter', 'emergency'),
  relapse: sign('New numbness, weakness or trouble with sight that lasts a day', 'today'),
  thoughts: sign('Thoughts of self-harm', 'emergency'),
} as const satisfies Readonly<Record<string, WarningSign>>;

export type WarningId = keyof typeof WARNING_SIGNS;
