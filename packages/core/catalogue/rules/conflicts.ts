import type { Conflict } from '../../src/authoring/ruleWords.js';

/**
 * Said out loud, so that nobody averages them. Neutral choices are held against both conditions' rules in a
 * test.
 */
export const CONFLICTS: readonly Conflict[] = [
  {
    between: ['spinal-stenosis', 'low-bone-density'],
    text: 'Stenosis eases with rounding, thin bones must not round deeply: neither is chased, the back stays neutral.',
    neutral: ['mountain', 'constructive-rest', 'easy-seat', 'final-rest'],
  },
  {
    between: ['pregnancy', 'reflux'],
    text: 'Reflux wants the head raised and the left side; pregnancy rests on either side and folds low: the left side, propped, suits both.',
    neutral: ['mountain', 'easy-seat', 'seated-breath', 'mountain'],
  },
  {
    between: ['high-blood-pressure', 'sciatica'],
    text: 'Sciatica likes knees in and hips folded, the pressure does not like the head low: on the back with the calves raised, or half folds at a chair.',
    neutral: ['constructive-rest', 'mountain', 'seated-breath'],
  },
  {
    between: ['lumbar-disc', 'spinal-stenosis'],
    text: 'The disc often eases in extension, the stenosis in rounding: neutral, and ask each day what draws the pain up.',
    neutral: ['mountain', 'constructive-rest', 'seated-breath'],
  },
  { between: ['heart-failure', 'pregnancy'], text: 'Both fill the heart; a class needs both teams’ word.', neutral: ['easy-seat', 'seated-breath'] },
  {
    between: ['heart-failure', 'lumbar-disc'],
    text: 'The back would rest flat, the heart wants the trunk raised: sitting tall or standing, in short turns.',
    neutral: ['mountain', 'seated-breath'],
  },
  {
    between: ['low-blood-pressure', 'glaucoma'],
    text: 'Faintness wants the head down, the eyes want it up: lie flat with the head on a pillow, rise in stages.',
    neutral: ['mountain', 'easy-seat', 'final-rest'],
  },
  {
    between: ['ankylosing-spondylitis', 'spinal-stenosis'],
    text: 'One needs extension, the other rounding: open the chest from the shoulders, keep the low back as it is.',
    neutral: ['mountain', 'easy-seat', 'seated-breath'],
  },
  {
    between: ['pelvic-organ-prolapse', 'high-blood-pressure'],
    text: 'Legs up and hips high ease the prolapse; the pressure wants the head no lower than the heart: legs up the wall without lifting the pelvis.',
    neutral: ['legs-up-the-wall', 'constructive-rest', 'bridge'],
  },
  {
    between: ['lung-disease', 'pregnancy'],
    text: 'Leaning forward helps the breath, the belly needs room: lean on a table with the knees wide.',
    neutral: ['mountain', 'easy-seat', 'seated-breath'],
  },
];
