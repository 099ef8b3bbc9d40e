import {
  ageOn,
  type Condition,
  CLEARED,
  ask,
  at,
  below,
  clear,
  condition,
  handInBalance,
  held,
  is,
  know,
  limit,
  need,
  noJumping,
  notAt,
  over,
  slowRise,
  staged,
  still,
  under,
  unsupported,
  watch,
  freeBreath,
} from '../../src/authoring/ruleWords.js';
import { EVERYTHING, MOST, heldCondition } from '../../src/authoring/holds.js';

export const teenager: Condition = condition({
  id: 'teenager',
  name: 'Teenager',
  group: 'life',
  aliases: ['teen', 'teens', 'adolescent'],
  inherent: (person, on) => person.born !== undefined && ageOn(person.born, on) >= 13 && ageOn(person.born, on) < 18,
  well: 'Almost everything; strength and balance games, choices, a rest shape at any time.',
  warnings: ['thoughts'],
  say: 'You choose how far; nobody compares.',
  refer: 'Back pain on bending back in a young athlete: the doctor first.',
  stage: ({ person, on }) =>
    staged(person.born ? `${ageOn(person.born, on)} years` : 'age not known', {}, person.born ? [] : [ask('Teenager: ask for the date of birth.')]),
  rules: [
    freeBreath('Under 18'),
    limit('headstand', over('neckShare', 0.2), 'No headstand in class under 18.'),
    watch('end-range', over('lumbarExtensionUse', 1.2), 'Growing spines do not need the deepest back bends.', { cue: 'Long before deep.' }),
  ],
});

export const noFloor: Condition = condition({
  id: 'no-floor',
  name: 'Cannot get to the floor or back',
  group: 'ability',
  aliases: ['no floor', 'cannot get up from the floor', 'not to the floor'],
  well: 'Everything on the chair, behind it, at the wall, on a couch or bed.',
  warnings: [],
  say: 'All of this has a chair form.',
  refer: 'A physiotherapist who can teach getting up, if they would like that.',
  rules: [limit('level', notAt('chair', 'standing'), 'Nothing goes down to the floor.'), slowRise('From chair to standing')],
});

export const largerBody: Condition = condition({
  id: 'larger-body',
  name: 'Larger body',
  group: 'ability',
  aliases: ['larger', 'big body', 'plus size', 'obesity', 'obese'],
  well: 'Everything with room for the belly: wide stance, blocks under the hands, a wide stable chair.',
  warnings: [],
  say: 'Make room: feet wide, hands where they land.',
  refer: 'Nobody for size alone.',
  rules: [
    limit(
      'belly-room',
      [under('hipAbduction', 12), over('hipFlexion', 115)],
      'Deep folds over the thighs are taken with the knees wide: the belly needs room.',
    ),
    limit('pressed', [over('bellyPressed', 0), over('lumbarExtensionUse', 0.6)], 'No deep back bend on the belly: it presses.'),
    limit('neck-load', over('neckShare', 0.1), 'No weight on head or neck: more weight for the same small joints.'),
    watch('chair', at('chair'), 'The chair is wide and stable.', { cue: 'A wide chair without arms, against the wall if it slides.' }),
    watch('knees', over('kneesShare', 0.3), 'Knees carry more weight.', { cue: 'A folded blanket under the knees.' }),
  ],
});

export const beginner: Condition = condition({
  id: 'beginner',
  name: 'Beginner',
  group: 'ability',
  aliases: ['new to yoga', 'first class', 'beginners'],
  fields: [{ key: 'practiceWeeks', label: 'Weeks of practice', type: 'number', question: 'How many weeks of practice?' }],
  well: 'The most supported versions of every pose.',
  warnings: [],
  say: 'The most supported version is a whole pose.',
  refer: 'Nobody.',
  stage: ({ details }) => {
    const weeks = typeof details.practiceWeeks === 'number' ? details.practiceWeeks : 0;
    return staged(
      details.practiceWeeks === undefined ? 'new' : `${weeks} weeks`,
      { practice: weeks },
      details.practiceWeeks === undefined ? [ask('Beginner: ask how long they have practised.')] : [],
    );
  },
  rules: [
    limit('neck-load', over('neckShare', 0.1), 'Beginners put no weight on head or neck.', { when: [below('practice', 26)] }),
    limit('inverted', over('inverted', 0), 'Upside down comes later.', { when: [below('practice', 26)] }),
    limit('strong-hold', [over('isometric', 2), held(20)], 'Strong holds stay short at first.', { when: [below('practice', 12)] }),
    limit('bind', over('bind', 0), 'No binds in the first weeks.', { when: [below('practice', 12)] }),
    limit('deep-twist', over('closedTwist', 0), 'No arm across the thigh in the first weeks.', { when: [below('practice', 12)] }),
    need('balance', [over('oneLeg', 0), unsupported], 'A wall or chair within reach in the first balances.', {
      when: [below('practice', 12)],
      adds: { prop: 'chair', where: 'within reach' },
      cue: 'A chair back within reach.',
    }),
  ],
});

export const limbLoss: Condition = condition({
  id: 'limb-loss',
  name: 'Loss of a limb',
  group: 'ability',
  aliases: ['amputee', 'amputation', 'prosthesis', 'prosthetic leg'],
  fields: [{ key: 'limb', label: 'Which', type: 'choice', choices: ['arm', 'leg'], question: 'An arm or a leg?' }],
  well: 'Floor and chair work, trunk, breath; standing with the wall, with or without the prosthesis as they like.',
  warnings: ['wound-trouble'],
  say: 'You know how you do this best; show me.',
  refer: 'The prosthetist for sore skin.',
  stage: ({ details }) =>
    staged(
      typeof details.limb === 'string' ? details.limb : 'which is not known',
      { limb: typeof details.limb === 'string' ? details.limb : 'leg' },
      details.limb ? [] : [ask('Loss of a limb: ask which, and how they like to do it.')],
    ),
  rules: [
    handInBalance('Another base of support', { when: [is('limb', 'leg')] }),
    limit('hands', [over('handsShare', 0.3), over('wristLoad', 0.1)], 'Weight on the arms is taken on forearms, a wall or a chair.', {
      when: [is('limb', 'arm')],
    }),
    noJumping('Another base of support', { when: [is('limb', 'leg')] }),
    limit('squat', [over('kneeFlexion', 110), at('squatting')], 'No deep squat on a prosthesis.', { when: [is('limb', 'leg')] }),
    watch('skin', over('kneesShare', 0.3), 'The skin of the stump is looked after.', { cue: 'A soft layer; look at the skin afterwards.' }),
  ],
});

export const cognitive: Condition = condition({
  id: 'cognitive-impairment',
  name: 'Dementia or learning disability',
  group: 'ability',
  aliases: ['dementia', 'learning disability', 'cognitive impairment', 'alzheimers'],
  well: 'Seated and standing at the wall, rhythm, breath games, the same order every week.',
  warnings: [],
  say: 'One thing at a time; look, then do.',
  refer: 'A companion beside them; new confusion today: the doctor.',
  stage: () => staged('', {}, [know('One instruction at a time, three steps a pose at most; a companion; watch the face for pain.')]),
  rules: [
    handInBalance('For safety'),
    limit('eyes', over('eyesClosed', 0), 'The eyes stay open.'),
    limit('inverted', over('inverted', 0), 'No full inversions.'),
    limit('head-down', [over('headBelowHeart', 15), held(20)], 'Head-down shapes stay short and simple.'),
    limit('neck-load', over('neckShare', 0.1), 'No weight on head or neck.'),
    noJumping('For safety'),
    slowRise('For safety'),
  ],
});

export const sightLoss: Condition = condition({
  id: 'sight-loss',
  name: 'Sight loss',
  group: 'ability',
  aliases: ['blind', 'low vision', 'visually impaired'],
  well: 'Everything on the floor and the chair; balances with a hand on the wall.',
  warnings: ['vision-change'],
  say: 'I name the side and the wall each time.',
  refer: 'The eye clinic for what the eyes themselves allow.',
  stage: () => staged('', {}, [know('Clear the floor, name the side, say where the wall is; ask which eye condition it is.')]),
  rules: [
    handInBalance('Without sight the body sways more'),
    noJumping('Without sight'),
    need('narrow', [under('balanceMargin', 3), unsupported, at('standing')], 'A wall within reach when the base is narrow.', {
      adds: { prop: 'wall', where: 'within reach' },
      cue: 'The wall is to your side, a forearm away.',
    }),
  ],
});

export const anxiety: Condition = condition({
  id: 'anxiety-trauma',
  name: 'Anxiety or trauma',
  group: 'whole',
  aliases: ['anxiety', 'trauma', 'ptsd', 'panic'],
  well: 'Everything that is a choice: standing and moving work, long out-breaths, eyes open, a place near the door.',
  warnings: ['thoughts', 'chest-pain'],
  say: 'Eyes open or closed, stay or leave: all of it is yours. Nobody will touch you.',
  refer: 'Their therapist or doctor where class brings memories or panic back.',
  stage: () => staged('', {}, [know('Choices, an exit in sight, no touch, no surprise.')]),
  rules: [
    freeBreath('It can bring on panic'),
    watch('eyes', over('eyesClosed', 0), 'Closed eyes can frighten.', { cue: 'Eyes open if you like, resting on one spot.' }),
    watch('stillness', [still, held(120)], 'Long stillness can frighten.', { cue: 'Move, or sit up, whenever you like.' }),
    watch('exposed', [over('hipAbduction', 45), at('lying')], 'Open shapes on the back can feel exposed.', {
      cue: 'A blanket over you, or knees together, if you prefer.',
    }),
    limit('held-down', over('strap', 0), 'No straps round the body.'),
  ],
});

export const eatingDisorder: Condition = heldCondition(
  {
    waits: 'The treatment team says up to which effort.',
    usually: [{ fromWeek: 0, opens: MOST }],
  },
  {
    id: 'eating-disorder',
    name: 'Eating disorder',
    group: 'whole',
    aliases: ['anorexia', 'bulimia'],
    fields: [CLEARED],
    well: 'Settling, breath, seated and lying work; feeling the body without judging it.',
    clearance: 'Their treatment team: effort and fainting.',
    warnings: ['fainted', 'chest-pain', 'thoughts'],
    say: 'Rest counts as much as work.',
    refer: 'The treatment team; a slow pulse, faintness or cold hands: today.',
    stage: ({ details }) => staged('', {}, details.cleared === true ? [] : [clear('Eating disorder: ask for the treatment team’s word on effort.')]),
    rules: [
      limit('effort', over('met', 2.5), 'Effort stays light.'),
      slowRise('Low pressure and a slow pulse'),
      limit('strong', over('isometric', 2), 'No strong holds.'),
      noJumping('Bone is often thin'),
      limit('standing-still', [held(60), still, at('standing')], 'No long standing still.'),
    ],
  },
);

export const recentOperation: Condition = heldCondition(
  {
    dated: 'operatedOn',
    awayDays: 7,
    overWeeks: 26,
    waits: 'The surgeon or physiotherapist says what is allowed, and from when.',
    usually: [
      { fromWeek: 0, opens: [] },
      { fromWeek: 6, opens: ['floor', 'balance', 'hands', 'moderate-effort'] },
      { fromWeek: 12, opens: EVERYTHING },
    ],
  },
  {
    id: 'recent-operation',
    name: 'Recent operation',
    group: 'whole',
    aliases: ['surgery', 'post-op', 'operation'],
    fields: [
      { key: 'operatedOn', label: 'Operated on', type: 'date', question: 'When, and on what?' },
      { key: 'cleared', label: 'Medical clearance given', type: 'boolean', question: 'Has the surgeon said yes?' },
    ],
    well: 'Breath, feet and ankles, hands, neck, and what the surgeon allows.',
    clearance: 'The surgeon or the physiotherapist, for what and from when.',
    warnings: ['wound-trouble', 'calf-swelling', 'breathless-at-rest'],
    say: 'What did they say you may do?',
    refer: 'The surgical team for a wound, fever, or pain that grows.',
    stage: ({ details, on }) => {
      const days = typeof details.operatedOn === 'string' ? Math.floor((Date.parse(on) - Date.parse(details.operatedOn)) / 86_400_000) : 0;
      const weeks = Math.max(0, Math.floor(days / 7));
      const cleared = details.cleared === true;
      return staged(details.operatedOn ? `${weeks} weeks after` : 'date not known', { weeks, cleared }, [
        ...(details.operatedOn ? [] : [ask('Recent operation: ask when and on what.')]),
        ...(cleared ? [] : [clear('Recent operation: the surgeon’s clearance first; gentle only until then.')]),
      ]);
    },
    rules: [
      limit('effort', over('isometric', 1), 'Until the clearance: gentle only.', { when: [is('cleared', false)] }),
      limit('belly', over('abdominalLoad', 1), 'Until the clearance: no strain on the belly wall.', { when: [is('cleared', false)] }),
      limit('inverted', over('inverted', 0), 'Until the clearance: no full inversions.', { when: [is('cleared', false)] }),
      limit('prone', over('bellyPressed', 0), 'Under six weeks nothing presses on the belly.', { when: [below('weeks', 6)] }),
      freeBreath('After an operation', { when: [is('cleared', false)] }),
      noJumping('After an operation', { when: [below('weeks', 12)] }),
      slowRise('After an operation'),
    ],
  },
);

export const acuteIllness: Condition = condition({
  id: 'acute-illness',
  name: 'Fever or acute illness',
  group: 'whole',
  aliases: ['fever', 'flu', 'infection', 'ill today'],
  well: 'Rest at home.',
  warnings: ['breathless-at-rest', 'fever-stiff-neck'],
  say: 'Come back when you have been without fever for two days.',
  refer: 'The doctor if it is more than a cold.',
  stage: () => staged('today', {}, [{ kind: 'stop', text: 'Fever or acute illness: no class; rest at home.' }]),
  rules: [limit('rest', over('met', 1.3), 'Today is for rest only.', {})],
});

export const GROUPS: readonly Condition[] = [
  teenager,
  noFloor,
  largerBody,
  beginner,
  limbLoss,
  cognitive,
  sightLoss,
  anxiety,
  eatingDisorder,
  recentOperation,
  acuteIllness,
];
