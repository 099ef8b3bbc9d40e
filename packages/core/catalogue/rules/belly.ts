import {
  type Condition,
  ask,
  at,
  below,
  CLEARED,
  condition,
  freeBreath,
  healing,
  held,
  limit,
  noJumping,
  OPERATED,
  over,
  staged,
  watch,
  is,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, heldCondition } from '../../src/authoring/holds.js';
import { published } from '../published.js';

export const hernia: Condition = condition({
  id: 'abdominal-hernia',
  name: 'Hernia',
  group: 'belly',
  aliases: ['inguinal hernia', 'umbilical hernia', 'abdominal hernia'],
  well: 'Breath out on effort, standing, chair, bridge, all fours.',
  warnings: ['hernia-stuck'],
  say: 'Breathe out when you lift; hand on it if it bulges.',
  refer: 'Hard, painful, not going back: emergency.',
  rules: [
    limit('belly', over('abdominalLoad', 1), 'No strain on the belly wall.'),
    limit('pressed', [over('bellyPressed', 0), over('lumbarExtensionUse', 0.5)], 'No back bend on the belly.'),
    freeBreath('Straining pushes it out'),
    limit('strong', [over('isometric', 2), held(20)], 'Strong holds stay short, breathing out.'),
    noJumping('With a hernia'),
  ],
});
export const bellySurgery: Condition = heldCondition(
  {
    dated: 'operatedOn',
    awayDays: 14,
    overWeeks: 26,
    waits: 'The surgeon says what the belly wall may bear.',
    usually: [
      { fromWeek: 0, opens: ['balance'] },
      { fromWeek: 6, opens: ['floor', 'balance', 'hands', 'moderate-effort'] },
      { fromWeek: 12, opens: EVERYTHING },
    ],
  },
  {
    id: 'abdominal-surgery',
    name: 'Abdominal surgery',
    group: 'belly',
    aliases: ['abdominal surgery', 'hysterectomy', 'appendix', 'gall bladder'],
    fields: [OPERATED, CLEARED, { key: 'stoma', label: 'Stoma', type: 'boolean', question: 'Is there a stoma?' }],
    well: 'Breath, ankles, shoulders, rolling through the side, later standing and all fours.',
    clearance: 'The surgeon, commonly 6 to 12 weeks.',
    warnings: ['wound-trouble', 'calf-swelling'],
    say: 'Roll to the side to get up; support the scar to cough.',
    refer: 'A bulge at the scar, fever, or pain that grows.',
    stage: (input) => {
      const stage = healing('Abdominal surgery', 6)(input);
      return { ...stage, facts: { ...stage.facts, stoma: input.details.stoma === true } };
    },
    rules: [
      limit('belly', over('abdominalLoad', 0), 'Under six weeks no work of the belly wall.', { when: [below('weeks', 6)] }),
      limit('belly-later', over('abdominalLoad', 1), 'To twelve weeks only light work of the belly wall.', { when: [below('weeks', 12)] }),
      limit('pressed', over('bellyPressed', 0), 'Under twelve weeks nothing presses on the belly.', { when: [below('weeks', 12)] }),
      limit('pressed-stoma', over('bellyPressed', 0), 'Nothing presses on a stoma.', { when: [is('stoma', true)] }),
      limit('deep-back-bend', over('lumbarExtensionUse', 0.6), 'Under twelve weeks no pull on the scar.', { when: [below('weeks', 12)] }),
      freeBreath('Straining pulls the scar', { when: [below('weeks', 12)] }),
      noJumping('After a belly operation', { when: [below('weeks', 12)] }),
    ],
  },
);
export const reflux: Condition = condition({
  id: 'reflux',
  name: 'Reflux, hiatal hernia',
  group: 'belly',
  aliases: ['heartburn', 'hiatal hernia', 'gerd', 'gord', 'acid reflux', 'hiatus hernia'],
  fields: [
    { key: 'eaten', label: 'Burns, or has eaten in the last 3 hours', type: 'boolean', question: 'Does it burn today, or a meal in the last three hours?' },
  ],
  well: 'Standing, chair, kneeling upright, rest with the head raised or on the left side.',
  warnings: ['chest-pain'],
  say: 'Head up; left side to rest.',
  refer: 'Trouble swallowing, weight loss, or pain on effort: the doctor.',
  stage: ({ details }) =>
    staged(
      details.eaten === false ? 'quiet today' : 'burns or not known',
      { burns: details.eaten !== false },
      details.eaten === undefined ? [ask('Reflux: ask whether it burns today and when they last ate.')] : [],
    ),
  rules: [
    limit('head-down', [over('headBelowHeart', 5)], 'Head-down lets acid up.', { when: [is('burns', true)] }),
    limit('head-down-deep', [over('headBelowHeart', 20), held(30)], 'Deep head-down stays short.'),
    limit('inverted', over('inverted', 0), 'No full inversions.'),
    limit('flat', [over('supine', 0), held(60)], 'While it burns no flat lying: the head is raised.', {
      when: [is('burns', true)],
      evidence: published('kaltenbach-2006'),
    }),
    watch('flat-quiet', [over('supine', 0), held(180)], 'Flat lying can bring it on.', {
      cue: 'Head and chest raised, or on the left side.',
      evidence: published('kaltenbach-2006'),
    }),
    limit('pressed', over('bellyPressed', 0), 'Nothing presses on the belly while it burns.', { when: [is('burns', true)] }),
    limit('roll-up', over('abdominalLoad', 2), 'No sit-ups.'),
  ],
});
export const prolapse: Condition = condition({
  id: 'pelvic-organ-prolapse',
  name: 'Pelvic organ prolapse',
  group: 'belly',
  aliases: ['prolapse', 'cystocele', 'rectocele', 'uterine prolapse', 'incontinence', 'leaking'],
  well: 'Pelvic floor training, bridge, legs up, all fours, side lying, standing strength with the breath out.',
  warnings: ['belly-pain'],
  say: 'Breathe out and lift before the effort; heaviness means ease off.',
  refer: 'A pelvic health physiotherapist: training helps.',
  rules: [
    limit('strain', over('abdominalLoad', 2), 'No strong sit-up work: it bears down.'),
    limit('squat', [at('squatting'), held(30)], 'Deep held squats stay short or sit on a support.'),
    noJumping('It bears down'),
    freeBreath('Held breath bears down'),
    watch('effort', [over('isometric', 1)], 'Symptoms lead.', { cue: 'Breathe out on the effort; stop if it feels heavy.', evidence: published('hagen-2014') }),
  ],
});
export const pelvicPain: Condition = condition({
  id: 'pelvic-pain',
  name: 'Pelvic pain',
  group: 'belly',
  aliases: ['endometriosis', 'painful pelvis', 'vulvodynia', 'chronic pelvic pain', 'painful periods', 'tight pelvic floor', 'hypertonic pelvic floor'],
  well: 'Release: soles together with blocks, pelvic tilts, the clock, happy baby, long out-breaths.',
  warnings: ['belly-pain', 'fainted'],
  say: 'Soft jaw, soft pelvis; let go rather than grip.',
  refer: 'A doctor or pelvic health physiotherapist where it is new.',
  rules: [
    watch('grip', over('isometric', 1), 'Gripping adds to it.', { cue: 'Let the belly and the jaw be soft.' }),
    limit('strong-belly', over('abdominalLoad', 2), 'No strong belly work.'),
    limit('lift', { strengthens: ['pelvic floor'] }, 'A pelvic floor that hurts is let go, not lifted.'),
    freeBreath('It tightens the pelvis'),
    limit('pressed', [over('bellyPressed', 0), over('lumbarExtensionUse', 0.8)], 'No deep back bend on the belly.'),
    limit('long-strong', [over('isometric', 2), held(30)], 'Strong holds stay short.'),
  ],
});
export const BELLY: readonly Condition[] = [hernia, bellySurgery, reflux, prolapse, pelvicPain];
