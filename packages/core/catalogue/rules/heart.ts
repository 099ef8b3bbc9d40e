import {
  type Condition,
  ask,
  at,
  below,
  breath,
  CLEARED,
  clear,
  condition,
  freeBreath,
  from,
  handInBalance,
  headLevel,
  healing,
  held,
  is,
  know,
  limit,
  never,
  noJumping,
  notAt,
  OPERATED,
  over,
  SIDE,
  SINCE,
  sidesOf,
  slowRise,
  staged,
  still,
  stop,
  under,
  watch,
  weeksSince,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, MOST, heldCondition } from '../../src/authoring/holds.js';
import { notCarriedBy, published } from '../published.js';

export const lowBloodPressure: Condition = condition({
  id: 'low-blood-pressure',
  name: 'Low blood pressure, faint on standing',
  group: 'heart',
  aliases: ['hypotension', 'orthostatic hypotension', 'faints on standing', 'low bp'],
  well: 'Lying, sitting and moving standing work; calf pumps before rising.',
  warnings: ['fainted', 'chest-pain'],
  say: 'Sit a whole minute before you stand; move the calves.',
  refer: 'The doctor where it is new, or with drugs for pressure, heart or prostate.',
  stage: () => staged('', {}, [know('Warm rooms, meals and hot days make it worse. First stand by a chair.')]),
  rules: [
    slowRise('Pressure falls on standing', 'Sit for a minute, move the feet, then stand by the chair.', {
      evidence: published('freeman-2011', 'what a fall of pressure is; the minute is common practice'),
    }),
    limit('standing-still', [held(60), still, at('standing')], 'No standing still for more than a minute.', {
      evidence: published('freeman-2011', 'the minute is common practice'),
    }),
    limit(
      'head-down-standing',
      [over('headBelowHeart', 20), at('standing'), held(30)],
      'Deep standing folds stay short: coming up is when the pressure falls.',
    ),
    watch('head-down', over('headBelowHeart', 10), 'Pressure falls on coming up.', { cue: 'Come up half way, breathe twice, then all the way.' }),
  ],
});

export const heartDisease: Condition = heldCondition(
  {
    dated: 'since',
    awayDays: 14,
    waits: 'The heart team says from when, and up to which effort.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 6, opens: ['floor', 'balance', 'end-range'] },
      { fromWeek: 12, opens: MOST },
    ],
  },
  {
    id: 'heart-disease',
    name: 'Heart disease',
    group: 'heart',
    aliases: [
      'heart attack',
      'angina',
      'stent',
      'bypass',
      'coronary',
      'heart event',
      'cardiac',
      'arrhythmia',
      'atrial fibrillation',
      'af',
      'afib',
      'irregular heartbeat',
      'angioplasty',
      'palpitations',
      'stents',
    ],
    fields: [SINCE, CLEARED, { key: 'clearedMets', label: 'Cleared effort, METs', type: 'number', question: 'Up to which effort (METs) are they cleared?' }],
    well: 'Seated, chair and slow standing work, long easy breath, within the cleared effort.',
    clearance: 'The cardiologist or rehabilitation team, with an effort.',
    warnings: ['chest-pain', 'breathless-at-rest', 'fainted', 'weight-up'],
    say: 'Your own spray at hand; effort by words, not by pulse.',
    refer: 'Emergency for pain or pressure in the chest that does not go in five minutes.',
    stage: ({ details, on }) => {
      const weeks = weeksSince(details.since, on);
      const cleared = details.cleared === true;
      const unsaid = cleared ? 3 : 2;
      const mets = typeof details.clearedMets === 'number' ? details.clearedMets : unsaid;
      return staged(
        cleared ? 'cleared' : 'not cleared',
        { weeks: weeks ?? 0, cleared, mets },
        cleared ? [] : [clear('Heart disease: the cardiologist’s or rehabilitation team’s clearance, with an effort.')],
      );
    },
    rules: [
      limit('effort', over('met', 2.5), 'Not cleared: effort stays light.', { when: [is('cleared', false)] }),
      limit('effort-cleared', over('met', 3), 'Effort stays within what was cleared.', { when: [below('mets', 3.3)] }),
      limit('inverted', over('inverted', 0), 'No full inversions.'),
      limit('head-down', [over('headBelowHeart', 10), held(30)], 'Head-down shapes stay short.'),
      limit('strong', [over('isometric', 2), held(20)], 'Strong holds stay under 20 seconds with the breath free.', {
        evidence: notCarriedBy('edwards-2023', 'holding exercise lowered resting pressure; not in people with heart disease'),
      }),
      freeBreath('With heart disease'),
      watch('arms', [over('armsAboveHeart', 30), held(27), notAt('lying', 'inverted')], 'Arms held overhead make the heart work.', {
        cue: 'Arms down whenever you like.',
      }),
      slowRise('Pressure drugs'),
      noJumping('With heart disease'),
    ],
  },
);

export const breastboneSurgery: Condition = heldCondition(
  {
    dated: 'operatedOn',
    awayDays: 28,
    overWeeks: 52,
    waits: 'The surgical team says what the breastbone may bear.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 8, opens: ['floor', 'balance', 'moderate-effort'] },
      { fromWeek: 12, opens: MOST },
      { fromWeek: 26, opens: EVERYTHING },
    ],
  },
  {
    id: 'breastbone-surgery',
    name: 'Open-heart (breastbone) surgery',
    group: 'heart',
    aliases: ['sternotomy', 'bypass operation', 'open heart surgery', 'valve operation'],
    fields: [OPERATED, CLEARED],
    well: 'Breath, legs, feet, walking, sitting tall, arms close to the body.',
    clearance: 'The surgical team.',
    warnings: ['chest-pain', 'wound-trouble', 'breathless-at-rest'],
    say: 'Elbows near the ribs; hug a cushion to cough.',
    refer: 'The surgical team for a click, a weeping wound or fever.',
    stage: healing('Open-heart (breastbone) surgery', 12),
    rules: [
      limit('arm-load', over('handsShare', 0.1), 'Under twelve weeks no weight through the arms.', {
        when: [below('weeks', 12)],
        house: { topic: 'sternal-arms', positions: ['twelve-weeks'] },
        evidence: notCarriedBy('katijjahbe-2018', 'fewer bans did as well'),
      }),
      limit('forearm-load', over('forearmsShare', 0.1), 'Under twelve weeks no weight through the forearms.', { when: [below('weeks', 12)] }),
      limit('arm-load-comfort', over('handsShare', 0.35), 'Your view: light weight close to the body, by comfort.', {
        when: [below('weeks', 12)],
        house: { topic: 'sternal-arms', positions: ['close-to-the-body-by-comfort'] },
        evidence: published('katijjahbe-2018', 'the share of weight is common practice'),
      }),
      limit('arms-behind', over('shoulderExtension', 30), 'Under twelve weeks the arms do not go behind.', { when: [below('weeks', 12)], limb: 'each' }),
      limit('arms-wide', [over('shoulderAbduction', 90), over('thoracicExtensionUse', 0.5)], 'Under twelve weeks the chest is not pulled open.', {
        when: [below('weeks', 12)],
        limb: 'each',
      }),
      limit(
        'curl',
        over('abdominalLoad', 1),
        'Under twelve weeks no curling up and no strong belly work: it pulls at the breastbone. Roll to the side and push up.',
        { when: [below('weeks', 12)] },
      ),
      limit('bind', over('bind', 0), 'No binds under twelve weeks.', { when: [below('weeks', 12)] }),
      limit('prone', at('prone'), 'Under twelve weeks nothing lies on the breastbone.', { when: [below('weeks', 12)] }),
      watch('breath', over('thoracicExtension', 4), 'The front of the chest is still tender.', {
        cue: 'Small; only as far as it is easy.',
        when: [below('weeks', 26)],
      }),
    ],
  },
);

export const heartFailure: Condition = heldCondition(
  {
    waits: 'The heart failure team says up to which effort.',
    usually: [{ fromWeek: 0, opens: ['floor', 'balance', 'hands', 'end-range', 'moderate-effort'] }],
  },
  {
    id: 'heart-failure',
    name: 'Heart failure',
    group: 'heart',
    aliases: ['weak heart', 'cardiac failure', 'nyha'],
    fields: [
      {
        key: 'nyha',
        label: 'NYHA class',
        type: 'choice',
        choices: ['I', 'II', 'III', 'IV'],
        question: 'Which NYHA class (I no limit, II slight, III marked, IV at rest)?',
      },
      CLEARED,
    ],
    well: 'Sitting and reclined work with the trunk raised, arms below shoulder height, short standing by the chair.',
    clearance: 'The heart failure team.',
    warnings: ['weight-up', 'breathless-at-rest', 'chest-pain', 'fainted'],
    say: 'Weigh yourself in the morning; talk while you move.',
    refer: 'Two kilos in three days or breathless lying flat: no class, the team today.',
    stage: ({ details }) => {
      const known = ['I', 'II', 'III', 'IV'].indexOf(String(details.nyha)) + 1;
      const grade = known || 3;
      return staged(known ? `NYHA ${String(details.nyha)}` : 'class not known', { grade }, [
        ...(known ? [] : [ask('Heart failure: ask for the NYHA class. Read as III until then.')]),
        ...(details.cleared === true ? [] : [clear('Heart failure: the heart team’s clearance.')]),
      ]);
    },
    rules: [
      limit('flat', [over('supine', 0)], 'Flat lying fills the heart: the trunk is raised by 30 degrees.', { when: [from('grade', 3)] }),
      limit('flat-prone', [under('trunkIncline', 20), at('prone', 'side-lying')], 'The trunk stays raised.', { when: [from('grade', 3)] }),
      limit('legs-up', over('legsAboveHeart', 5), 'Legs up fills the heart.', { when: [from('grade', 3)] }),
      limit('legs-up-short', [over('legsAboveHeart', 5), held(30)], 'Legs up stays under half a minute.', { when: [from('grade', 2), below('grade', 3)] }),
      limit('head-down', over('headBelowHeart', 5), 'The head stays level with the heart or above.', { when: [from('grade', 2)] }),
      limit('inverted', over('inverted', 0), 'No full inversions.'),
      limit('hold', [over('isometric', 1), held(15)], 'Working holds stay under 15 seconds.', { when: [from('grade', 2)] }),
      limit('arms', [over('armsAboveHeart', 25), held(15), notAt('lying')], 'Arms overhead stay short.', { when: [from('grade', 2)] }),
      limit('effort', over('met', 2.5), 'Effort stays light.', { when: [from('grade', 3)] }),
      freeBreath('With heart failure'),
      slowRise('With heart failure'),
      noJumping('With heart failure'),
    ],
  },
);

export const pacemaker: Condition = heldCondition(
  {
    dated: 'operatedOn',
    awayDays: 7,
    overWeeks: 12,
    waits: 'The heart clinic says what that arm may do.',
    usually: [
      { fromWeek: 0, opens: ['floor', 'balance'] },
      { fromWeek: 6, opens: EVERYTHING },
    ],
  },
  {
    id: 'pacemaker',
    name: 'New pacemaker or defibrillator',
    group: 'heart',
    aliases: ['icd', 'pacemaker', 'defibrillator'],
    fields: [OPERATED, SIDE, CLEARED],
    well: 'Legs, breath, standing, sitting; the other arm freely; from six weeks nearly all.',
    clearance: 'The heart clinic: from when, and the pulse that sets the device off.',
    warnings: ['device-shock', 'fainted', 'wound-trouble'],
    say: 'That arm stays below the shoulder for now.',
    refer: 'After a shock: no class, the clinic today.',
    stage: healing('New pacemaker', 6, 'the heart clinic'),
    rules: [
      limit('arm-flexion', over('shoulderFlexion', 90), 'That arm stays at shoulder height or below for six weeks.', {
        when: [below('weeks', 6)],
        limb: 'affected',
      }),
      limit('arm-abduction', over('shoulderAbduction', 90), 'That arm stays at shoulder height or below for six weeks.', {
        when: [below('weeks', 6)],
        limb: 'affected',
      }),
      limit('arm-extension', over('shoulderExtension', 30), 'That arm does not reach far back for six weeks.', { when: [below('weeks', 6)], limb: 'affected' }),
      limit('load', over('wristLoad', 0.05), 'No weight on that arm for six weeks.', { when: [below('weeks', 6)], limb: 'affected' }),
      limit('strap', over('strap', 0), 'No strap over the device.'),
      limit('inverted', over('inverted', 0), 'No full inversions in the first six weeks.', { when: [below('weeks', 6)] }),
      limit('bind', over('bind', 0), 'No binds in the first six weeks.', { when: [below('weeks', 6)] }),
    ],
  },
);

export const aorticDisease: Condition = condition({
  id: 'aortic-disease',
  name: 'Aortic aneurysm, Marfan, vascular Ehlers-Danlos',
  group: 'heart',
  aliases: ['aneurysm', 'marfan', 'aortic aneurysm', 'dissection', 'vascular ehlers danlos'],
  fields: [CLEARED],
  well: 'Easy breath, seated and standing work with free breath, balance with a hand, rest.',
  clearance: 'The cardiologist or vascular team, always.',
  warnings: ['tearing-pain', 'chest-pain', 'fainted'],
  say: 'Never hold, never strain, never hang.',
  refer: 'Tearing pain in chest or back: emergency.',
  stage: ({ details }) =>
    staged(
      details.cleared === true ? 'cleared' : 'not cleared',
      { cleared: details.cleared === true },
      details.cleared === true ? [] : [stop('Aortic disease: no class until the cardiologist or vascular team has said yes.')],
    ),
  rules: [
    never('breath', breath('held', 'rapid'), 'Held breath drives the pressure up: never.'),
    limit('strong', over('isometric', 2), 'No strong holds.'),
    limit('strong-long', [over('isometric', 1), held(30)], 'Working holds stay under half a minute.'),
    limit('head-down', over('headBelowHeart', 5), 'The head stays level with the heart or above.'),
    limit('inverted', over('inverted', 0), 'No full inversions.'),
    limit('twist', over('closedTwist', 0), 'No deep twist.'),
    limit('end-range', over('thoracicTwistUse', 0.6), 'The trunk turns only part of the way.'),
    limit('back-bend', over('lumbarExtensionUse', 0.6), 'Back bends stay small.'),
    noJumping('With aortic disease'),
  ],
});

/** A stroke, or a TIA, of which something is left. */
const WEAK = is('weak', true);

export const stroke: Condition = heldCondition(
  {
    dated: 'since',
    awayDays: 14,
    waits: 'The stroke team says what is safe.',
    usually: [
      { fromWeek: 0, opens: ['balance'] },
      { fromWeek: 6, opens: ['floor', 'balance', 'end-range'] },
      { fromWeek: 12, opens: MOST },
      { fromWeek: 26, opens: EVERYTHING },
    ],
  },
  {
    id: 'stroke',
    name: 'Stroke or TIA',
    group: 'heart',
    aliases: ['tia', 'mini-stroke', 'stroke'],
    maybe: ['hemiplegia', 'hemiparesis', 'weak on one side'],
    fields: [
      SINCE,
      SIDE,
      CLEARED,
      {
        key: 'left',
        label: 'What is left of it',
        type: 'choice',
        choices: ['weakness', 'nothing'],
        question: 'Is an arm or a leg still weak, or is nothing left of it?',
      },
      { key: 'arteryTear', label: 'Artery tear in the neck', type: 'boolean', question: 'Was it a tear in a neck artery?' },
    ],
    well: 'Seated and supported standing work, big slow movements, the strong side helping the weak.',
    clearance: 'The stroke team, always.',
    warnings: ['stroke-signs', 'thunderclap', 'fainted'],
    say: 'Support the arm; look to the weak side.',
    refer: 'Anything new on one side: emergency, note the time.',
    stage: ({ details, on }) => {
      const weeks = weeksSince(details.since, on);
      const cleared = details.cleared === true;
      const waiting =
        weeks === undefined || weeks < 2
          ? stop('Stroke or TIA within two weeks, or never assessed: no class. New signs: emergency.')
          : clear('Stroke: the stroke team’s clearance. Read as uncontrolled pressure until then.');
      const alerts = cleared ? [] : [waiting];
      return staged(
        cleared ? 'cleared' : 'not cleared',
        { weeks: weeks ?? 0, cleared, tear: details.arteryTear === true, weak: details.left !== 'nothing' },
        details.left === undefined ? [...alerts, ask('Stroke: ask whether an arm or a leg is still weak. Read as weak until then.')] : alerts,
        {
          sides: sidesOf(details),
        },
      );
    },
    rules: [
      ...headLevel('After a stroke', { when: [is('cleared', false)] }),
      freeBreath('After a stroke'),
      limit('strong', [over('isometric', 1), held(30)], 'Working holds stay short until cleared.', { when: [is('cleared', false)] }),
      limit('arm-overhead', over('shoulderFlexion', 90), 'The weak arm is not taken past shoulder height.', {
        limb: 'affected',
        when: [WEAK],
        evidence: published('kumar-1990', 'overhead pulleys, 28 people; the angle is common practice'),
      }),
      limit('arm-load', over('wristLoad', 0.15), 'No weight through the weak arm.', {
        limb: 'affected',
        when: [WEAK],
        evidence: notCarriedBy('aha-asa-2016', 'protect the weak shoulder; it forbids no weight through the arm'),
      }),
      limit('hang', over('hang', 0), 'No pull on the weak arm.', { limb: 'each', when: [WEAK] }),
      handInBalance('After a stroke', { when: [WEAK] }),
      limit('neck-tear', over('neckRotation', 40), 'After a tear in a neck artery the head does not turn far.', { when: [is('tear', true)] }),
      never('neck-load-tear', over('neckShare', 0.05), 'After a tear in a neck artery no weight on head or neck.', { when: [is('tear', true)] }),
      limit('neck-load', over('neckShare', 0.1), 'No weight on head or neck.'),
      slowRise('After a stroke'),
    ],
  },
);

export const bloodClot: Condition = heldCondition(
  {
    dated: 'since',
    overWeeks: 26,
    waits: 'The doctor who treats it says when to move and how much.',
    usually: [
      { fromWeek: 0, opens: ['floor', 'balance', 'end-range'] },
      { fromWeek: 6, opens: MOST },
      { fromWeek: 12, opens: EVERYTHING },
    ],
  },
  {
    id: 'blood-clot',
    name: 'Blood clot',
    group: 'heart',
    aliases: ['dvt', 'thrombosis', 'pulmonary embolism', 'clot'],
    fields: [SINCE, { key: 'treated', label: 'On treatment', type: 'boolean', question: 'Is it being treated, and were you told to move?' }, SIDE, CLEARED],
    well: 'On treatment and told to move: walking, ankle pumps, chair and floor work.',
    clearance: 'The doctor who treats it.',
    warnings: ['calf-swelling', 'breathless-at-rest', 'chest-pain'],
    say: 'Keep the ankles moving.',
    refer: 'Suspected or untreated: emergency.',
    stage: ({ details }) =>
      staged(
        details.treated === true ? 'on treatment' : 'not known to be treated',
        { treated: details.treated === true },
        details.treated === true ? [] : [stop('A blood clot that is suspected or untreated: no class; emergency.')],
        { sides: sidesOf(details) },
      ),
    rules: [
      limit('strap', over('strap', 0), 'No strap round a limb.', { evidence: notCarriedBy('chest-2021', 'walking early is fine; it says nothing of straps') }),
      limit('kneel', [over('kneeFlexion', 130), over('kneesShare', 0.2)], 'No deep sitting on the leg: it presses the vein.', { limb: 'each' }),
      limit('sitting', [held(300), still, at('chair', 'sitting')], 'No long sitting still.'),
      limit('effort', over('isometric', 2), 'No strong holds at first.'),
      freeBreath('With a clot on treatment'),
    ],
  },
);

export const bloodThinners: Condition = condition({
  id: 'blood-thinners',
  name: 'Blood thinners, bleeding tendency',
  group: 'heart',
  aliases: ['anticoagulants', 'warfarin', 'haemophilia', 'low platelets'],
  fields: [{ key: 'platelets', label: 'Platelets (×10⁹/l), if known', type: 'number', question: 'Are the platelets known to be low?' }],
  well: 'Nearly everything on a soft layer, with a hand in balances.',
  warnings: ['blow-to-head'],
  say: 'A soft layer under bones; tell me about bruises.',
  refer: 'A blow to the head or a black stool: emergency.',
  stage: ({ details }) => {
    const low = typeof details.platelets === 'number' ? details.platelets : 200;
    return staged(low < 50 ? `platelets ${low}` : '', { platelets: low }, low < 20 ? [stop('Platelets under 20: no class (common practice).')] : []);
  },
  rules: [
    handInBalance('A fall bleeds'),
    limit('head', over('neckShare', 0.05), 'No weight on the head.'),
    limit('strap', over('strap', 0), 'No tight strap.'),
    limit('resistance', over('isometric', 1), 'Platelets under 50: no resistance.', { when: [below('platelets', 50)] }),
    noJumping('A fall bleeds'),
    watch('pressure', over('kneesShare', 0.3), 'Bruises come easily.', { cue: 'A folded blanket under the knees.' }),
  ],
});

export const posturalTachycardia: Condition = condition({
  id: 'postural-tachycardia',
  name: 'Postural tachycardia',
  group: 'heart',
  aliases: ['pots', 'postural orthostatic tachycardia'],
  well: 'Lying and reclined work first, legs, then sitting; standing that moves.',
  warnings: ['fainted', 'chest-pain'],
  say: 'Lie down first, drink, rise in three stages.',
  refer: 'The doctor for faints, or where it is new.',
  stage: () => staged('', {}, [know('First half lying or reclined; three level changes at most, each with a minute sitting.')]),
  rules: [
    limit('standing-still', [held(30), still, at('standing')], 'Standing still stays under half a minute.', {
      evidence: notCarriedBy('freeman-2011', 'a definition: 30 beats in ten minutes of standing'),
    }),
    slowRise('The pulse races on standing', 'Sit for a minute before you stand; tighten the calves.'),
    limit('head-down-standing', [over('headBelowHeart', 15), at('standing')], 'No deep standing folds: coming up is when it happens.'),
    limit('effort', over('met', 3), 'Effort stays light.'),
    limit('arms', [over('armsAboveHeart', 30), held(30), at('standing')], 'Arms overhead in standing stay short.'),
  ],
});

export const HEART: readonly Condition[] = [
  lowBloodPressure,
  heartDisease,
  breastboneSurgery,
  heartFailure,
  pacemaker,
  aorticDisease,
  stroke,
  bloodClot,
  bloodThinners,
  posturalTachycardia,
];
