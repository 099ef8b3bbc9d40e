/**
 * Salutes and links. Their order and breath are common practice, no published source; the twelve steps for
 * pregnancy are those of PRACTICE: feet wide, soft knees, one step back, no plank and nobody prone.
 */
import type { Flow, FlowShape } from '../src/authoring/poseWords.js';

const SUN = [
  'sun salutation',
  'sun salute',
  'sun sal',
  'sun',
  'salute to the sun',
  'surya namaskar',
  'surya namaskara',
  'surya',
  'sn',
  'sonnengruß',
  'sonnengruss',
  'salutation au soleil',
  'saludo al sol',
  'saluto al sole',
  'zonnegroet',
  'saudação ao sol',
];
/** Names that do not say which. */
const FAMILY = [...SUN, 'salute', 'salutation'];
/** Every name of the sun salutation in some wordings: `*` stands for the name. */
const sun = (...wordings: readonly string[]): string[] => wordings.flatMap((wording) => SUN.map((name) => wording.replace('*', name)));

const going = (on: 'in' | 'out', variant: string, more: Partial<FlowShape> = {}): FlowShape => ({
  variant,
  on,
  ...more,
});
const onIn = (variant: string, more?: Partial<FlowShape>): FlowShape => going('in', variant, more);
const onOut = (variant: string, more?: Partial<FlowShape>): FlowShape => going('out', variant, more);

const ARMS_UP = 'arm-raise.standing';
const FOLD = 'standing-forward-fold.full';
const HALF_LIFT = 'half-forward-fold.shins';
const LUNGE = 'low-lunge.hands-down';
const DOG = 'downward-facing-dog.full';
const LINK = [onOut('four-limbed-staff.knees'), onIn('upward-facing-dog.full'), onOut(DOG)];
const STAY = [onOut('four-limbed-staff.knees'), onIn('upward-facing-dog.full'), onOut(DOG, { breaths: 5 })];

export const FLOWS: readonly Flow[] = [
  {
    id: 'sun-salutation',
    name: 'Sun salutation, twelve steps',
    family: FAMILY,
    sanskrit: 'Sūrya Namaskāra',
    aliases: sun('* twelve steps', '* 12 steps', 'twelve step *', '12 step *', 'classical *', 'classic *', 'hatha *'),
    meaning: 'Twelve shapes, a breath for each two; the foot that goes back comes forward again, the other the next time.',
    usual: 2,
    shapes: [
      onOut('mountain-prayer.standing'),
      onIn(ARMS_UP),
      onOut(FOLD),
      onIn(LUNGE, { side: 'leading' }),
      onOut(DOG),
      onIn('plank.full'),
      onOut('four-limbed-staff.knees'),
      onIn('cobra.low'),
      onOut(DOG),
      onIn(LUNGE, { side: 'leading' }),
      onOut(FOLD),
      onIn(ARMS_UP),
    ],
  },
  {
    id: 'sun-salutation-a',
    name: 'Sun salutation A',
    family: FAMILY,
    sanskrit: 'Sūrya Namaskāra A',
    aliases: sun('* a'),
    meaning: 'Fold, lift, step back, lower, open, and five breaths in the dog.',
    usual: 3,
    shapes: [onIn(ARMS_UP), onOut(FOLD), onIn(HALF_LIFT), ...STAY, onIn(HALF_LIFT), onOut(FOLD), onIn(ARMS_UP), onOut('mountain.full')],
  },
  {
    id: 'sun-salutation-b',
    name: 'Sun salutation B',
    family: FAMILY,
    sanskrit: 'Sūrya Namaskāra B',
    aliases: sun('* b'),
    meaning: 'As A, with chair pose at both ends and warrior one on each side.',
    usual: 3,
    shapes: [
      onIn('chair-pose.full'),
      onOut(FOLD),
      onIn(HALF_LIFT),
      ...LINK,
      onIn('warrior-one.full', { side: 'right' }),
      ...LINK,
      onIn('warrior-one.full', { side: 'left' }),
      ...STAY,
      onIn(HALF_LIFT),
      onOut(FOLD),
      onIn('chair-pose.full'),
      onOut('mountain.full'),
    ],
  },
  {
    id: 'half-salute',
    name: 'Half salute',
    sanskrit: 'Ardha Sūrya Namaskāra',
    aliases: ['half salutation', 'half salutes', 'mini salute', 'ardha surya namaskar', 'ardha surya namaskara', ...sun('half *', 'mini *')],
    meaning: 'Arms up, fold, lift half way, fold, and up again: all of it standing.',
    usual: 3,
    shapes: [onIn(ARMS_UP), onOut(FOLD), onIn(HALF_LIFT), onOut(FOLD), onIn(ARMS_UP), onOut('mountain.full')],
  },
  {
    id: 'vinyasa-link',
    name: 'Vinyasa link',
    sanskrit: 'Vinyāsa',
    aliases: ['vinyasa', 'a vinyasa', 'the vinyasa', 'full vinyasa'],
    meaning: 'From the plank down, open, and back to the dog: the link between poses.',
    usual: 1,
    shapes: [onIn('plank.full'), ...LINK],
  },
  {
    id: 'chair-salute',
    name: 'Chair salute',
    aliases: [
      'chair salutation',
      'seated salute',
      'seated salutation',
      ...sun('chair *', 'seated *', '* on a chair', '* on the chair', '* on chairs', '* with a chair', '* seated'),
    ],
    meaning: 'The salute sitting: arms up, fold, a leg long, and up again; the other leg the next time.',
    usual: 2,
    shapes: [
      onOut('mountain-prayer.chair'),
      onIn('arm-raise.chair'),
      onOut('chair-fold.half'),
      onIn('chest-lift.chair'),
      onOut('chair-leg-stretch.chair', { side: 'leading' }),
      onIn('chest-lift.chair'),
      onOut('chair-fold.half'),
      onIn('arm-raise.chair'),
    ],
  },
  {
    id: 'prenatal-salute',
    name: 'Prenatal salute',
    aliases: ['prenatal salutation', 'pregnancy salute', 'pregnancy salutation', ...sun('prenatal *', 'pregnancy *', '* for pregnancy', '* in pregnancy')],
    meaning: 'The twelve steps with feet wide and knees soft: a step back, a wide dog, the knees down, and nobody on the belly.',
    usual: 2,
    shapes: [
      onOut('mountain.wide'),
      onIn('chest-lift.standing'),
      onOut('half-forward-fold.hands-on-thighs'),
      onIn(LUNGE, { side: 'leading' }),
      onOut('downward-facing-dog.wide-short'),
      onIn('table.hands'),
      onOut('frog.forearms'),
      onIn('table.hands'),
      onOut('downward-facing-dog.wide-short'),
      onIn(LUNGE, { side: 'leading' }),
      onOut('half-forward-fold.hands-on-thighs'),
      onIn('mountain.wide'),
    ],
  },
  {
    id: 'moon-salute',
    name: 'Moon salute',
    sanskrit: 'Chandra Namaskāra',
    aliases: ['moon salutation', 'moon', 'moon sal', 'salute to the moon', 'chandra namaskar', 'chandra namaskara', 'mondgruß', 'salutation à la lune'],
    meaning: 'Round the mat and back, low and slow: once to each side in every round.',
    usual: 2,
    shapes: [
      onIn(ARMS_UP),
      onOut('side-bend.standing', { side: 'right' }),
      onIn(ARMS_UP),
      onOut('side-bend.standing', { side: 'left' }),
      onIn(ARMS_UP),
      onOut('goddess.full'),
      onOut('triangle.block', { side: 'right' }),
      onOut('pyramid.blocks', { side: 'right' }),
      onIn(LUNGE, { side: 'right' }),
      onOut('garland.full'),
      onIn(LUNGE, { side: 'left' }),
      onOut('pyramid.blocks', { side: 'left' }),
      onIn('triangle.block', { side: 'left' }),
      onOut('goddess.full'),
      onIn(ARMS_UP),
      onOut('mountain.full'),
    ],
  },
];
