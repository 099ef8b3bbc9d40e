/** Conditions met weekly in a hall that stand beside the groups of the others. All common practice, no published source. */
import {
  type Condition,
  ACUTE,
  CLEARED,
  OPERATED,
  PHASE,
  SIDE,
  SINCE,
  ask,
  below,
  breath,
  clear,
  condition,
  freeBreath,
  handInBalance,
  held,
  is,
  know,
  limit,
  never,
  noJumping,
  noNeckLoad,
  over,
  phased,
  sidesOf,
  slowRise,
  staged,
  still,
  under,
  unsupported,
  watch,
  weeksSince,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, heldCondition, MOST } from '../../src/authoring/holds.js';

const onSide =
  (label: string): Condition['stage'] =>
  ({ details }) => ({ ...staged(label), sides: sidesOf(details)! });

const menopause = condition({
  id: 'menopause',
  name: 'Menopause',
  group: 'life',
  aliases: ['perimenopause', 'hot flushes', 'hot flashes', 'change of life'],
  well: 'Everything; strength and standing work for bone, calm breath in the evening.',
  warnings: ['vaginal-bleeding'],
  say: 'Layers you can take off, a fan, water; step out when a flush comes.',
  refer: 'Bleeding a year after the last period: the doctor. Ask whether bone was ever measured.',
  stage: () => staged('', {}, [ask('Menopause: ask whether bone density was ever measured.')]),
  rules: [watch('heat', over('met', 2.9), 'Heat comes with effort: cool down at once.', { cue: 'Slow down when it gets hot.' })],
});

const fibromyalgia = condition({
  id: 'fibromyalgia',
  name: 'Fibromyalgia',
  group: 'whole',
  aliases: ['fibro', 'widespread pain', 'chronic widespread pain'],
  fields: [PHASE],
  stage: phased('Fibromyalgia'),
  well: 'A little, often: slow joints, walking, light strength; a bit more each week.',
  warnings: ['crash'],
  say: 'Half of what you could do today; what you feel tomorrow counts.',
  refer: 'Pain that changes its kind, or new weakness.',
  rules: [
    limit('flare', over('isometric', 1), 'In a flare no strong holding.', { when: [ACUTE] }),
    limit('long', [over('isometric', 1), held(30), still], 'Strong holds stay short.'),
    watch('pace', over('met', 2.4), 'Less than she could do today.', { cue: 'Half of what you could.' }),
  ],
});

const depression = condition({
  id: 'depression',
  name: 'Depression, low mood',
  group: 'whole',
  aliases: ['low mood', 'depressed', 'bipolar'],
  well: 'Everything that moves and lifts: standing, strength, a steady rhythm, company.',
  warnings: ['thoughts'],
  say: 'Coming was the hard part; do what you like of it.',
  refer: 'Thoughts of self-harm: get help now; do not leave them alone.',
  rules: [freeBreath('With low mood'), watch('eyes', over('eyesClosed', 0), 'Open eyes keep from brooding.', { cue: 'Eyes open if you like.' })],
});

const sleeplessness = condition({
  id: 'sleeplessness',
  name: 'Sleeplessness',
  group: 'whole',
  aliases: ['insomnia', 'sleep problems', 'cannot sleep', 'sleep apnoea', 'sleep apnea'],
  well: 'All by day; in the evening slow breath, long rests, folds over support.',
  warnings: [],
  say: 'It is no task to fall asleep here; resting is enough.',
  refer: 'Loud snoring with pauses, or weeks without sleep.',
  rules: [limit('breath', breath('rapid'), 'Quick breath wakes up.'), slowRise('After a bad night')],
});

const handArthritis = condition({
  id: 'hand-arthritis',
  name: 'Arthritis of hand or thumb',
  group: 'arms',
  aliases: ['thumb arthritis', 'osteoarthritis of the hand', 'sore thumbs', 'finger arthritis'],
  maybe: ['osteoarthritis', 'arthritis'],
  fields: [PHASE, SIDE],
  stage: (input) => ({ ...phased('Hand')(input), sides: sidesOf(input.details)! }),
  well: 'All standing and lying work, weight on forearms or fists, gentle finger circles.',
  warnings: ['hot-joint'],
  say: 'Fists, forearms or a rolled mat edge; never through a sore thumb.',
  refer: 'A hot, swollen joint.',
  rules: [
    limit('flare', over('wristLoad', 0.05), 'While it flares no weight on the hand.', { when: [ACUTE], limb: 'affected' }),
    limit('load', [over('wristLoad', 0.3), held(20)], 'Weight on the hand stays short.', { limb: 'affected' }),
    watch('spread', over('wristLoad', 0.1), 'Weight on the knuckles, not on the thumb.', { cue: 'Make a fist, or come to the forearms.', limb: 'affected' }),
  ],
});

const neckArthritis = condition({
  id: 'neck-arthritis',
  name: 'Arthritis of the neck',
  group: 'neck',
  aliases: ['cervical spondylosis', 'worn neck', 'neck osteoarthritis'],
  maybe: ['osteoarthritis', 'arthritis'],
  well: 'Small slow movements of the neck, shoulder blades, long neck in everything.',
  warnings: ['clumsy-hands'],
  say: 'Small and slow; the eyes lead, the head follows as far as it likes.',
  refer: 'Clumsy hands, unsteady walking, pain down an arm.',
  rules: [
    noNeckLoad('With a worn neck'),
    limit('back', over('neckExtensionUse', 0.6), 'The head does not drop back.'),
    watch('turn', over('neckRotation', 40), 'The head turns as far as it likes, no further.', { cue: 'The eyes lead, the head follows a little.' }),
  ],
});

const neckCord = condition({
  id: 'neck-cord-compression',
  name: 'Pressure on the cord in the neck',
  group: 'neck',
  aliases: ['cervical myelopathy', 'myelopathy', 'cord compression', 'cervical cord compression'],
  fields: [CLEARED],
  clearance: 'The spine team, with what the neck may do.',
  well: 'Legs and balance with a hand on something, breath, shoulder blades.',
  warnings: ['clumsy-hands', 'saddle', 'both-legs'],
  say: 'The neck stays in the middle and long.',
  refer: 'Hands that get clumsier, walking that gets less sure: today.',
  stage: ({ details }) => {
    const cleared = details.cleared === true;
    return staged('', { cleared }, cleared ? [] : [clear('Pressure on the cord in the neck: the spine team first.')]);
  },
  rules: [
    noNeckLoad('With pressure on the cord', 'never'),
    never('inverted', over('inverted', 0), 'Not upside down.'),
    limit('back', over('neckExtensionUse', 0.3), 'The head does not tip back.'),
    limit('forward', over('neckFlexionUse', 0.6), 'The head does not hang or drop forward.'),
    limit('turn', over('neckRotation', 30), 'The head turns a little.'),
    noJumping('With pressure on the cord'),
    handInBalance('With pressure on the cord'),
    limit('effort', over('isometric', 2), 'Until the clearance: no straining.', { when: [is('cleared', false)] }),
  ],
});

const roundUpperBack = condition({
  id: 'round-upper-back',
  name: 'Round upper back',
  group: 'back',
  aliases: ['kyphosis', 'hyperkyphosis', 'hunched back', 'dowager’s hump', 'scheuermann'],
  well: 'The back worked prone and standing, shoulder blades, reaching up as far as it goes.',
  warnings: ['back-after-fall'],
  say: 'Something under the head whenever you lie; long first, then up.',
  refer: 'New pain or a loss of height: bone first.',
  stage: () => staged('', {}, [ask('Round upper back: ask whether bone density was measured and whether height was lost.')]),
  rules: [
    limit('round', [over('thoracicFlexionUse', 1), over('isometric', 1)], 'The upper back is not rounded under load.'),
    noNeckLoad('With a round upper back'),
    watch('head', over('supine', 0), 'The head needs a cushion to lie level.', { cue: 'A cushion under the head, chin level with the brow.' }),
  ],
});

const brokenBone = heldCondition(
  {
    dated: 'since',
    awayDays: 14,
    overWeeks: 26,
    // An arm in plaster keeps nobody from standing; nor from the floor, where the other hand is enough.
    meanwhile: { detail: 'bone', is: ['wrist', 'shoulder'], opens: ['floor', 'end-range', 'moderate-effort'] },
    waits: 'Bone takes six to twelve weeks, and strength longer.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 6, opens: ['floor', 'balance', 'end-range'] },
      { fromWeek: 12, opens: MOST },
      { fromWeek: 24, opens: EVERYTHING },
    ],
  },
  {
    id: 'broken-bone',
    name: 'Broken bone',
    group: 'legs',
    aliases: ['fracture', 'broken hip', 'hip fracture', 'broken wrist', 'wrist fracture', 'broken ankle', 'ankle fracture', 'broken leg', 'broken arm'],
    fields: [
      { key: 'bone', label: 'Which', type: 'choice', choices: ['hip', 'wrist', 'ankle', 'shoulder', 'other'], question: 'Which bone was it?' },
      { ...SINCE, label: 'Broken on', question: 'When was it broken?' },
      SIDE,
      CLEARED,
    ],
    clearance: 'The surgeon or physiotherapist, with what it may carry.',
    well: 'All other limbs; joints next to it as the physiotherapist says.',
    warnings: ['calf-swelling', 'wound-trouble', 'hip-out'],
    say: 'What it may carry is for your physiotherapist to say.',
    refer: 'New pain, swelling, a leg that gives way. A break from a small fall: bone density.',
    stage: ({ details, on }) => {
      const weeks = weeksSince(details.since, on) ?? 0;
      const { bone = 'other' } = details;
      return { ...staged(`${String(bone)}, week ${weeks}`, { bone: String(bone), weeks }), sides: sidesOf(details)! };
    },
    rules: [
      limit('wrist-load', over('wristLoad', 0.05), 'Under twelve weeks no weight on that hand.', {
        when: [is('bone', 'wrist', 'shoulder'), below('weeks', 12)],
        limb: 'affected',
      }),
      limit('pulled', over('shoulderExtension', 40), 'Under twelve weeks that hand holds nothing behind the back, and pulls at nothing.', {
        when: [is('bone', 'wrist', 'shoulder'), below('weeks', 12)],
        limb: 'affected',
      }),
      limit('grip', over('bind', 0), 'Under twelve weeks no bind: it pulls at the hand.', {
        when: [is('bone', 'wrist', 'shoulder'), below('weeks', 12)],
      }),
      watch('strap', over('strap', 0), 'A strap is held with the other hand.', {
        cue: 'Hold the strap with the well hand.',
        when: [is('bone', 'wrist', 'shoulder'), below('weeks', 12)],
      }),
      limit('arm', over('shoulderFlexion', 90), 'Under twelve weeks that arm to the level of the shoulder.', {
        when: [is('bone', 'shoulder'), below('weeks', 12)],
        limb: 'affected',
      }),
      limit('hip', over('hipFlexion', 90), 'Under twelve weeks that hip bends to a right angle.', {
        when: [is('bone', 'hip'), below('weeks', 12)],
        limb: 'affected',
      }),
      limit('leg-load', over('kneeLoad', 0.55), 'Under twelve weeks both legs carry.', {
        when: [is('bone', 'hip', 'ankle', 'other'), below('weeks', 12)],
        limb: 'affected',
      }),
      handInBalance('After a break', { when: [is('bone', 'hip', 'ankle')] }),
      noJumping('After a break', { when: [below('weeks', 26)] }),
    ],
  },
);

const kneeLigament = condition({
  id: 'knee-ligament',
  name: 'Torn or repaired ligament of the knee',
  group: 'legs',
  aliases: ['acl', 'acl tear', 'cruciate ligament', 'torn cruciate', 'mcl', 'acl repair'],
  fields: [OPERATED, SIDE],
  well: 'Straight-leg strength, bridge, small squats, balance with a hand.',
  warnings: ['hot-joint', 'calf-swelling'],
  say: 'Knee over the toes; no turning on a planted foot.',
  refer: 'A knee that gives way.',
  stage: ({ details, on }) => {
    const weeks = weeksSince(details.operatedOn, on);
    return { ...staged(weeks === undefined ? '' : `week ${weeks} after the operation`, weeks === undefined ? {} : { weeks }), sides: sidesOf(details)! };
  },
  rules: [
    limit('early', over('kneeFlexion', 90), 'Under twelve weeks the knee bends to a right angle.', { when: [below('weeks', 12)], limb: 'affected' }),
    limit('pivot', [over('kneeFlexion', 60), over('hipRotationIn', 40)], 'No turning on a bent knee.', { limb: 'affected' }),
    noJumping('With a torn ligament'),
    watch('lock', over('kneeHyperextension', 2), 'The knee is not locked back.', { limb: 'affected', cue: 'Soften the knee.' }),
  ],
});

const kneecap = condition({
  id: 'kneecap-pain',
  name: 'Kneecap pain',
  group: 'legs',
  aliases: ['runner’s knee', 'runners knee', 'patellofemoral pain', 'chondromalacia', 'patella pain'],
  fields: [SIDE],
  stage: onSide(''),
  well: 'Hips and straight-leg strength, small squats, bridge.',
  warnings: ['hot-joint'],
  say: 'Only as deep as it is quiet.',
  refer: 'A knee that swells or gives way.',
  rules: [
    limit('deep', [over('kneeFlexion', 90), over('kneeLoad', 0.25)], 'Under load not deeper than a right angle.', { limb: 'affected' }),
    limit('folded', over('kneeFlexion', 145), 'No sitting on the heels.', { limb: 'affected' }),
    limit('kneel', [over('kneesShare', 0.4), held(60)], 'Kneeling stays short, on something soft.'),
  ],
});

const breastOperation = heldCondition(
  {
    dated: 'operatedOn',
    awayDays: 14,
    overWeeks: 52,
    waits: 'Drains, wounds and a new breast need weeks.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 2, opens: ['balance'] },
      { fromWeek: 6, opens: ['floor', 'balance', 'moderate-effort', 'end-range'] },
      { fromWeek: 12, opens: EVERYTHING },
    ],
  },
  {
    id: 'breast-operation',
    name: 'Breast operation',
    group: 'arms',
    aliases: ['mastectomy', 'lumpectomy', 'breast cancer surgery', 'breast reconstruction', 'breast surgery', 'cording', 'axillary web syndrome'],
    fields: [OPERATED, SIDE, { key: 'rebuilt', label: 'Rebuilt', type: 'boolean', question: 'Was the breast rebuilt?' }, CLEARED],
    clearance: 'The breast team.',
    well: 'Arm lifts a little further each week, shoulder blades, breath into the side, walking.',
    warnings: ['wound-trouble', 'chemo-fever'],
    say: 'Slowly into the stretch under the arm; it may pull, it should not hurt.',
    refer: 'A swollen arm, a red or hot wound.',
    stage: ({ details, on }) => {
      const weeks = weeksSince(details.operatedOn, on) ?? 0;
      return { ...staged(`week ${weeks}`, { weeks, rebuilt: details.rebuilt !== false }), sides: sidesOf(details)! };
    },
    rules: [
      limit('arm-early', over('shoulderFlexion', 90), 'In the first weeks the arm to the level of the shoulder.', {
        when: [below('weeks', 3)],
        limb: 'affected',
      }),
      limit('arm-out-early', over('shoulderAbduction', 90), 'In the first weeks the arm to the level of the shoulder.', {
        when: [below('weeks', 3)],
        limb: 'affected',
      }),
      limit('load', over('wristLoad', 0.1), 'Under six weeks no weight on that hand.', { when: [below('weeks', 6)], limb: 'affected' }),
      limit('prone', over('bellyPressed', 0), 'Not on the front while it heals.', { when: [below('weeks', 12)] }),
      limit('rebuilt', over('abdominalLoad', 1), 'A rebuilt breast: no strain on the front under twelve weeks.', {
        when: [is('rebuilt', true), below('weeks', 12)],
      }),
      watch('stretch', over('shoulderFlexion', 120), 'Slowly into the stretch under the arm.', {
        cue: 'Slowly; it may pull, it should not hurt.',
        limb: 'affected',
      }),
    ],
  },
);

const numbFeet = condition({
  id: 'numb-feet',
  name: 'Loss of feeling in the feet',
  group: 'nerves',
  aliases: ['peripheral neuropathy', 'neuropathy', 'numb feet', 'polyneuropathy', 'nerve loss in the feet'],
  well: 'Ankles and toes, sitting and lying strength, standing with a hand.',
  warnings: ['foot-ulcer'],
  say: 'Look at your feet before and after; the eyes help where the soles do not.',
  refer: 'An open sore on a foot: today.',
  rules: [
    handInBalance('With numb feet'),
    noJumping('With numb feet'),
    limit('tiptoe', [over('heelsLifted', 0), unsupported], 'On tiptoe with a hand on something.'),
  ],
});

const cerebralPalsy = condition({
  id: 'cerebral-palsy',
  name: 'Cerebral palsy',
  group: 'nerves',
  aliases: ['cp', 'spastic diplegia', 'spasticity'],
  maybe: ['hemiplegia', 'one-sided weakness'],
  well: 'Slow long stretches, strength in small ranges, breath, water-like movement.',
  warnings: [],
  say: 'Slow keeps it soft; quick makes it tight.',
  refer: 'New tightness, pain in a hip, or a fall.',
  stage: () => staged('', {}, [ask('Cerebral palsy: ask which limbs are weak or tight, and enter them with the person.')]),
  rules: [
    handInBalance('With cerebral palsy'),
    noJumping('With cerebral palsy'),
    limit('breath', breath('rapid'), 'Quick breath tightens.'),
    watch('slow', over('met', 2.4), 'Slowly: quick movement tightens.', { cue: 'Slowly into it, slowly out.' }),
  ],
});

const motorNeurone = condition({
  id: 'motor-neurone-disease',
  name: 'Motor neurone disease',
  group: 'nerves',
  aliases: ['mnd', 'als', 'amyotrophic lateral sclerosis'],
  fields: [CLEARED],
  clearance: 'The neurology team.',
  well: 'Gentle joints, breath, rest with the head raised, hands that help.',
  warnings: ['breathless-at-rest', 'double-vision'],
  say: 'Nothing that tires; what you do by hand counts as much.',
  refer: 'Breath that gets shorter lying down, choking.',
  stage: ({ details }) => staged('', {}, details.cleared === true ? [] : [clear('Motor neurone disease: the neurology team first.')]),
  rules: [
    limit('effort', over('isometric', 1), 'Nothing that tires the muscles.'),
    limit('flat', over('supine', 0), 'The chest raised in lying: breath is shorter flat.'),
    handInBalance('With motor neurone disease'),
    freeBreath('With motor neurone disease'),
    noJumping('With motor neurone disease'),
  ],
});

const ataxia = condition({
  id: 'ataxia',
  name: 'Ataxia, tremor',
  group: 'nerves',
  aliases: ['unsteady walking', 'tremor', 'essential tremor', 'cerebellar ataxia'],
  well: 'Wide stance with a hand, all fours, sitting strength, slow reaching.',
  warnings: ['double-vision'],
  say: 'Wide feet, a hand on something, eyes on one place.',
  refer: 'Unsteadiness that is new or grows.',
  rules: [
    handInBalance('Where movements miss'),
    limit('narrow', [under('balanceMargin', 4), over('feetShare', 0.5), unsupported], 'The feet apart, or a hand on something.'),
    noJumping('Where movements miss'),
  ],
});

const autism = condition({
  id: 'autism-attention',
  name: 'Autism, attention deficit',
  group: 'whole',
  aliases: ['autism', 'autistic', 'asperger', 'adhd', 'add', 'attention deficit'],
  well: 'Everything; the same order each week, a place of one’s own, clear beginnings and ends.',
  warnings: [],
  say: 'You may watch, leave or come back; nobody touches you.',
  refer: 'Distress that lasts beyond the class.',
  rules: [watch('eyes', over('eyesClosed', 0), 'Eyes may stay open.', { cue: 'Eyes open or closed, as you like.' })],
});

const bowel = condition({
  id: 'bowel-disease',
  name: 'Bowel disease',
  group: 'belly',
  aliases: ['crohn’s', 'crohns', 'ulcerative colitis', 'ibd', 'irritable bowel', 'ibs', 'diverticulitis'],
  fields: [PHASE],
  stage: phased('Bowel'),
  well: 'Breath, gentle turns, walking, rest on the side; strength when it is quiet.',
  warnings: ['belly-pain'],
  say: 'The door is there; go whenever you need.',
  refer: 'Blood, fever or strong pain.',
  rules: [
    limit('pressed', over('bellyPressed', 0), 'In a flare nothing presses on the belly.', { when: [ACUTE] }),
    limit('work', over('abdominalLoad', 1), 'In a flare no work of the belly wall.', { when: [ACUTE] }),
    limit('effort', over('isometric', 2), 'In a flare no straining.', { when: [ACUTE] }),
  ],
});

const stoma = condition({
  id: 'stoma',
  name: 'Stoma',
  group: 'belly',
  aliases: ['colostomy', 'ileostomy', 'urostomy', 'stoma bag'],
  fields: [OPERATED],
  well: 'Standing, sitting, side-lying; gentle work of the belly wall with the out-breath.',
  warnings: ['hernia-stuck', 'belly-pain'],
  say: 'Empty it before class; a belt if you have one; nothing lies on it.',
  refer: 'A bulge beside it, blood, no output.',
  stage: ({ details, on }) => {
    const weeks = weeksSince(details.operatedOn, on);
    return staged(
      weeks === undefined ? '' : `week ${weeks}`,
      { weeks: weeks ?? 0 },
      weeks === undefined ? [ask('Stoma: ask when it was made. Read as new until then.')] : [],
    );
  },
  rules: [
    limit('pressed', over('bellyPressed', 0), 'Nothing presses on it.'),
    limit('work', over('abdominalLoad', 1), 'Under twelve weeks no strong work of the belly wall: it tears there.', { when: [below('weeks', 12)] }),
    limit('boat', over('abdominalLoad', 2), 'No hardest work of the belly wall.'),
    freeBreath('With a stoma'),
  ],
});

const kidney = condition({
  id: 'kidney-disease',
  name: 'Kidney disease, dialysis',
  group: 'whole',
  aliases: ['kidney failure', 'renal failure', 'dialysis', 'fistula arm', 'dialysis arm', 'kidney transplant'],
  fields: [{ ...SIDE, label: 'Dialysis arm', question: 'Which arm is used for dialysis?' }],
  stage: ({ details }) => ({
    ...staged(
      '',
      { fistula: details.side !== undefined },
      details.side === undefined ? [ask('Kidney disease: ask whether an arm is used for dialysis, and which.')] : [],
    ),
    sides: sidesOf(details)!,
  }),
  well: 'Gentle strength, walking, breath; on the day after dialysis more.',
  warnings: ['breathless-at-rest', 'dizzy'],
  say: 'Nothing squeezes or hangs on that arm; rise slowly.',
  refer: 'The arm cold, numb or swollen; short of breath.',
  rules: [
    limit('load', over('wristLoad', 0.1), 'No weight on the dialysis arm.', { when: [is('fistula', true)], limb: 'affected' }),
    limit('bind', over('bind', 0), 'Nothing binds or squeezes that arm.', { when: [is('fistula', true)] }),
    limit('strap', over('strap', 0), 'No strap round that arm.', { when: [is('fistula', true)] }),
    limit('effort', over('isometric', 2), 'No hardest holding.'),
    slowRise('With kidney disease'),
  ],
});

const steroids = condition({
  id: 'long-steroids',
  name: 'Steroid tablets for long',
  group: 'whole',
  aliases: ['steroids', 'prednisone', 'prednisolone', 'cortisone tablets', 'polymyalgia', 'polymyalgia rheumatica', 'giant cell arteritis'],
  well: 'Strength and standing for bone and muscle, balance with something in reach.',
  warnings: ['back-after-fall', 'vision-change'],
  say: 'Strong but never jerky; the back stays long.',
  refer: 'New back pain, a change of sight.',
  stage: () => staged('', {}, [ask('Steroid tablets: ask whether bone density was measured; read as thin bone until then.')]),
  rules: [
    limit('loaded-round', over('lumbarFlexionUse', 0.6), 'The back is not rounded far: bone may be thin.'),
    noNeckLoad('With steroid tablets'),
    noJumping('With steroid tablets'),
    slowRise('With steroid tablets'),
  ],
});

const frailty = condition({
  id: 'frailty',
  name: 'Frailty',
  group: 'life',
  aliases: ['frail', 'very weak', 'sarcopenia'],
  well: 'Rising from the chair, standing with a hand, small strength often.',
  warnings: ['fainted', 'dizzy'],
  say: 'Little and often; sit whenever you like.',
  refer: 'Weight lost without meaning to, a fall.',
  rules: [
    handInBalance('When frail'),
    limit('effort', [over('isometric', 1), unsupported], 'Strong work with something to hold.'),
    limit('standing', [over('feetShare', 0.9), held(60), unsupported], 'Standing still stays short without a hand.'),
    noJumping('When frail'),
    slowRise('When frail'),
  ],
});

const bigToe = condition({
  id: 'big-toe',
  name: 'Bunion, gout, sore big toe',
  group: 'legs',
  aliases: ['bunion', 'hallux valgus', 'hallux rigidus', 'gout in the toe', 'big toe arthritis'],
  fields: [PHASE, SIDE],
  stage: (input) => ({ ...phased('Big toe')(input), sides: sidesOf(input.details)! }),
  well: 'Foot flat in everything, toes spread, calves without tiptoe.',
  warnings: ['hot-joint'],
  say: 'The weight behind the big toe; leave tiptoe out.',
  refer: 'A red, hot toe: today.',
  rules: [
    limit('tiptoe', over('heelsLifted', 0), 'No standing on tiptoe while it is sore.', { when: [ACUTE] }),
    watch('toes', over('heelsLifted', 0), 'The weight goes to the other toes.', { cue: 'Less high, the weight in the middle of the foot.' }),
  ],
});

const headache = condition({
  id: 'other-headache',
  name: 'Headache of another kind',
  group: 'nerves',
  aliases: ['tension headache', 'cluster headache', 'sinus headache', 'other headaches'],
  well: 'Neck and jaw, slow breath, rest in the dark; all between attacks.',
  warnings: ['thunderclap', 'fever-stiff-neck'],
  say: 'If it comes, sit up and stop.',
  refer: 'A new kind of headache, or one after a blow.',
  rules: [noNeckLoad('With headaches'), watch('down', over('headBelowHeart', 10), 'Head down may bring it on.', { cue: 'Come up if the head throbs.' })],
});

const thyroid = condition({
  id: 'thyroid',
  name: 'Thyroid, anaemia',
  group: 'whole',
  aliases: ['hypothyroid', 'hypothyroidism', 'underactive thyroid', 'hashimoto', 'overactive thyroid', 'anaemia', 'anemia', 'iron deficiency'],
  well: 'Everything, at the strength of the day.',
  warnings: ['breathless-at-rest', 'fainted'],
  say: 'Tired days are short days.',
  refer: 'A racing heart at rest, breathless on the stairs.',
  rules: [
    watch('tired', over('met', 2.9), 'Strength comes back with treatment, not with pushing.', { cue: 'As much as the day gives.' }),
    slowRise('With thyroid disease or anaemia'),
  ],
});

const hearing = condition({
  id: 'hearing-loss',
  name: 'Hearing loss, ringing ears',
  group: 'whole',
  aliases: ['deaf', 'hard of hearing', 'hearing aid', 'tinnitus'],
  well: 'Everything that can be seen from the mat.',
  warnings: [],
  say: 'Come to the front; I show it first.',
  refer: 'Sudden deafness: today.',
  stage: () => staged('', {}, [know('Hearing loss: face them, show first, touch a hand only where that is agreed.')]),
  rules: [watch('eyes', over('eyesClosed', 0), 'With closed eyes nothing is heard and nothing seen.', { cue: 'Eyes open; I wave when we go on.' })],
});

const prostate = heldCondition(
  {
    overWeeks: 12,
    waits: 'What was joined again inside heals in six to twelve weeks.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 2, opens: ['balance'] },
      { fromWeek: 6, opens: MOST },
      { fromWeek: 12, opens: EVERYTHING },
    ],
  },
  {
    id: 'prostate',
    name: 'Prostate: operation or treatment',
    group: 'belly',
    aliases: ['prostate', 'prostatectomy', 'prostate operation', 'enlarged prostate', 'prostatitis', 'TURP'],
    fields: [
      OPERATED,
      { key: 'hormones', label: 'Hormone treatment', type: 'boolean', question: 'Is there, or was there, hormone treatment? It thins the bone.' },
      CLEARED,
    ],
    clearance: 'The urologist.',
    well: 'Walking, legs and hips, breath into the pelvic floor and its letting go.',
    warnings: ['wound-trouble', 'calf-swelling'],
    say: 'A soft seat; lift the pelvic floor on the out-breath, and let it go as fully.',
    refer: 'No water passing, blood, fever. After hormone treatment: bone density.',
    stage: ({ details, on }) => {
      const weeks = weeksSince(details.operatedOn, on);
      return staged(
        weeks === undefined ? '' : `week ${weeks}`,
        { weeks: weeks ?? 0, hormones: details.hormones === true },
        details.hormones === undefined ? [ask('Prostate: ask about hormone treatment, which thins the bone.')] : [],
      );
    },
    rules: [
      limit('work', over('abdominalLoad', 1), 'Under twelve weeks no strong work of the belly wall.', { when: [below('weeks', 12)] }),
      limit('boat', over('abdominalLoad', 2), 'No hardest work of the belly wall: it presses on the pelvic floor.'),
      limit('bone', over('lumbarFlexionUse', 0.8), 'Hormone treatment thins the bone: no end of rounding.', { when: [is('hormones', true)] }),
      watch('seat', [over('seatShare', 0.6), held(120)], 'Long sitting presses where it is sore.', { cue: 'Something soft to sit on.' }),
      freeBreath('Around the prostate'),
    ],
  },
);

const veins = condition({
  id: 'varicose-veins',
  name: 'Varicose veins',
  group: 'legs',
  aliases: ['varicose', 'spider veins', 'swollen veins'],
  well: 'Foot pumps, walking, legs raised, calves.',
  warnings: ['calf-swelling'],
  say: 'Keep the feet moving whenever we stand.',
  refer: 'A calf that is hot, red or sore: today.',
  rules: [watch('standing', [over('feetShare', 0.95), held(90), still], 'Long standing still fills the veins.', { cue: 'Rise and sink on the toes.' })],
});

export const WEEKLY: readonly Condition[] = [
  menopause,
  fibromyalgia,
  depression,
  sleeplessness,
  handArthritis,
  neckArthritis,
  neckCord,
  roundUpperBack,
  brokenBone,
  kneeLigament,
  kneecap,
  breastOperation,
  numbFeet,
  cerebralPalsy,
  motorNeurone,
  ataxia,
  autism,
  bowel,
  stoma,
  prostate,
  kidney,
  steroids,
  frailty,
  bigToe,
  headache,
  thyroid,
  hearing,
  veins,
];
