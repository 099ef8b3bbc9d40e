import {
  type Alert,
  type Condition,
  type Rule,
  ask,
  CLEARED,
  condition,
  freeBreath,
  held,
  is,
  limit,
  noJumping,
  OPERATED,
  over,
  staged,
  stop,
  watch,
  weeksSince,
  below,
  common,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, heldCondition } from '../../src/authoring/holds.js';
import { notCarriedBy, published } from '../published.js';

type More = Parameters<typeof freeBreath>[1];
/** Eyes no lower than the heart, no straining, nothing on the eyes. */
const eyesLevel = (why: string, more: More = {}): Rule[] => [
  limit('head-down', over('eyesBelowHeart', 10), `${why}: the eyes stay level with the heart or above.`, {
    evidence: published('jasien-2015', 'pressure rose; that it harms is not shown, and the 10 cm are common practice'),
    ...more,
  }),
  limit('inverted', over('inverted', 0), `${why}: no full inversions.`, { evidence: published('baskaran-2006', 'practitioners without glaucoma'), ...more }),
  limit('eye-contact', over('eyeContact', 0), `${why}: nothing presses on the eyes.`, { ...more, evidence: common }),
  freeBreath(why, more),
];

export const glaucoma: Condition = condition({
  id: 'glaucoma',
  name: 'Glaucoma',
  group: 'eyes',
  aliases: ['raised eye pressure', 'ocular hypertension', 'angle closure'],
  fields: [
    {
      key: 'advanced',
      label: 'Advanced, angle closure or more than one drug',
      type: 'boolean',
      question: 'Field loss that is advanced, angle closure, or more than one eye drug?',
    },
  ],
  well: 'Standing with the head up, sitting, chair, rest with the head raised.',
  warnings: ['eye-pain', 'vision-change'],
  say: 'Head up; loose collar; no eye pillow.',
  refer: 'A painful red eye or halos: eye emergency.',
  stage: ({ details }) =>
    staged(
      { false: 'early', true: 'advanced' }[String(details.advanced)] ?? 'how far is not known',
      { advanced: details.advanced !== false },
      details.advanced === undefined
        ? [ask('Glaucoma: ask whether it is advanced, angle closure, or needs more than one drug. Read as advanced until then.')]
        : [],
    ),
  rules: [
    ...eyesLevel('With glaucoma'),
    limit('legs-up', [over('legsAboveHeart', 20), held(60)], 'Legs up the wall raised the eye pressure too: a minute at most.', {
      when: [is('advanced', true)],
      evidence: published('jasien-2015', 'the minute is common practice'),
    }),
    limit('strong', [over('isometric', 2), held(20)], 'Strong holds stay short: straining raises the eye pressure.', { when: [is('advanced', true)] }),
    watch('flat', [over('supine', 0), held(120)], 'Lying flat adds a little; a raised head is better.', {
      cue: 'Head raised on a folded blanket or a slope.',
      evidence: published('buys-2010'),
    }),
  ],
});

export const macularDegeneration: Condition = condition({
  id: 'macular-degeneration',
  name: 'Macular degeneration',
  group: 'eyes',
  aliases: ['amd', 'macula', 'wet macular degeneration', 'dry macular degeneration'],
  fields: [{ key: 'form', label: 'Form', type: 'choice', choices: ['dry', 'wet'], question: 'Dry or wet? A bleed or injection lately?' }],
  well: 'Dry: everything. Wet: everything with the head up.',
  warnings: ['vision-change'],
  say: 'Name the side and the wall; spoken cues.',
  refer: 'Straight lines that bend, or a new dark spot: the eye clinic today.',
  stage: ({ details }) =>
    staged(
      details.form === 'dry' || details.form === 'wet' ? details.form : 'form not known',
      { form: details.form === 'dry' ? 'dry' : 'wet' },
      details.form
        ? []
        : [ask('Macular degeneration: ask dry or wet. Read as wet until then. There is no published limit; the weakest evidence of the eye rows.')],
    ),
  rules: [
    ...eyesLevel('With the wet form', {
      when: [is('form', 'wet')],
      evidence: { kind: 'common-practice', source: 'common practice, the weakest evidence of the eye rules' },
    }),
    limit('strong', [over('isometric', 2), held(20)], 'Strong holds stay short with the wet form.', { when: [is('form', 'wet')] }),
  ],
});

export const retina: Condition = condition({
  id: 'retina',
  name: 'Detached or fragile retina',
  group: 'eyes',
  aliases: ['retinal detachment', 'retinal tear', 'detached retina', 'lattice degeneration', 'high myopia'],
  fields: [OPERATED, CLEARED],
  well: 'Sitting, chair and slow standing work with the head up.',
  clearance: 'The eye surgeon after a repair: the position of the head is prescribed.',
  warnings: ['flashes-floaters', 'vision-change'],
  say: 'Tell me at once of flashes or a curtain.',
  refer: 'Flashes, floaters or a curtain: eye emergency.',
  stage: ({ details, on }) => {
    const weeks = weeksSince(details.operatedOn, on);
    const fresh = weeks !== undefined && weeks < 6 && details.cleared !== true;
    return staged(
      weeks === undefined ? 'not operated or not known' : `${weeks} weeks after repair`,
      { cleared: details.cleared === true },
      fresh ? [stop('Fresh retinal repair: the position is prescribed; no class until the eye surgeon has said yes.')] : [],
    );
  },
  rules: [
    ...eyesLevel('With a fragile retina', { evidence: notCarriedBy('jasien-2015', 'eye pressure in glaucoma and in healthy eyes; not the retina') }),
    noJumping('With a fragile retina', {}),
    limit('strong', [over('isometric', 2), held(20)], 'Strong holds stay short.'),
    watch('fast', over('neckRotation', 45), 'No fast turns of the head.', { cue: 'Turn the head slowly.' }),
  ],
});

export const diabeticEye: Condition = condition({
  id: 'diabetic-eye-disease',
  name: 'Diabetic eye disease',
  group: 'eyes',
  aliases: ['diabetic retinopathy', 'retinopathy'],
  fields: [
    {
      key: 'eyeGrade',
      label: 'Grade',
      type: 'choice',
      choices: ['background', 'severe', 'proliferative'],
      question: 'Background, severe, or proliferative (new vessels)? Laser or injections lately?',
    },
  ],
  well: 'Background: everything. Advanced: head up, free breath.',
  warnings: ['flashes-floaters', 'vision-change', 'low-sugar'],
  say: 'What did the last eye check say?',
  refer: 'A sudden change of sight: eye emergency.',
  stage: ({ details }) =>
    staged(
      String(details.eyeGrade ?? 'grade not known'),
      { advanced: details.eyeGrade !== 'background' },
      details.eyeGrade ? [] : [ask('Diabetic eye disease: ask for the grade. Read as advanced until then.')],
    ),
  rules: [
    ...eyesLevel('With advanced diabetic eye disease', { when: [is('advanced', true)], evidence: published('colberg-2016') }),
    noJumping('With advanced diabetic eye disease', { when: [is('advanced', true)], evidence: published('colberg-2016') }),
    limit('strong', [over('isometric', 2), held(20)], 'No straining with advanced diabetic eye disease.', {
      when: [is('advanced', true)],
      evidence: published('colberg-2016'),
    }),
  ],
});

/** An eye heals so long; after it nobody needs to say yes any more, weeks. */
const EYE_HEALS = 26;

export const eyeOperation: Condition = heldCondition(
  {
    dated: 'operatedOn',
    overWeeks: EYE_HEALS,
    waits: 'The eye surgeon says how the head may be held, and from when.',
    usually: [
      { fromWeek: 0, opens: ['floor', 'balance', 'end-range'] },
      { fromWeek: 4, opens: EVERYTHING },
    ],
  },
  {
    id: 'eye-operation',
    name: 'Recent eye operation',
    group: 'eyes',
    aliases: ['cataract operation', 'cataract surgery', 'gas bubble', 'vitrectomy', 'glaucoma surgery'],
    fields: [OPERATED, CLEARED, { key: 'gasBubble', label: 'Gas bubble', type: 'boolean', question: 'Is there a gas bubble in the eye?' }],
    well: 'After the clearance: sitting, chair and standing with the head up.',
    clearance: 'The eye surgeon, before any class.',
    warnings: ['eye-pain', 'vision-change', 'flashes-floaters'],
    say: 'Keep the head as you were told.',
    refer: 'Pain, redness or worse sight: the eye clinic at once.',
    stage: ({ details, on }) => {
      const weeks = weeksSince(details.operatedOn, on);
      const alerts = (): Alert[] => {
        if (details.gasBubble === true) return [stop('Gas bubble in the eye: the position is prescribed; no class.')];
        if (details.cleared !== true && (weeks ?? 0) < EYE_HEALS) return [stop('Recent eye operation: no class until the eye surgeon has said yes.')];
        return [];
      };
      return staged(weeks === undefined ? 'date not known' : `${weeks} weeks after`, { weeks: weeks ?? 0 }, alerts());
    },
    rules: [
      ...eyesLevel('Under four weeks after an eye operation', {
        when: [below('weeks', 4)],
        evidence: common,
      }),
      limit('hands', over('handsShare', 0.2), 'Little weight through the arms under four weeks: it is straining.', { when: [below('weeks', 4)] }),
      noJumping('Under four weeks after an eye operation', { when: [below('weeks', 4)] }),
    ],
  },
);
export const EYES: readonly Condition[] = [glaucoma, macularDegeneration, retina, diabeticEye, eyeOperation];
