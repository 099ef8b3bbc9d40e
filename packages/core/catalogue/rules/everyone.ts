import { RISEN } from './chairUser.js';
import { notCarriedBy, published } from '../published.js';
import { type Evidence, type Rule, common } from '../../src/authoring/ruleWords.js';

const own: Evidence = { kind: 'common-practice', source: 'what the person has told you' };

/** A trunk raised from flat by less than this leans far over in standing, degrees: common practice, no published source. */
const LEANS = 60;

/** A limb that is moved by less than this only comes along, an elbow with the trunk; degrees, common practice. */
const LEG_MOVES = 15;
const ARM_MOVES = 30;

/** Rules that come from how someone is today and from what they can do, not from a diagnosis. */
export const TODAY_RULES: readonly Rule[] = [
  {
    id: 'today.pain-effort',
    level: 'limit',
    when: [{ fact: 'pain', from: 7 }],
    all: [{ measure: 'isometric', over: 1 }],
    reason: 'Pain of 7 or more today: gentle only.',
    evidence: common,
  },
  {
    id: 'today.pain-low-back',
    level: 'limit',
    when: [{ fact: 'pain', from: 7 }],
    all: [{ measure: 'lumbarFlexionUse', over: 0.3 }],
    reason: 'Pain of 7 or more today: the low back rounds only a little.',
    evidence: common,
  },
  {
    id: 'today.pain-twist',
    level: 'limit',
    when: [{ fact: 'pain', from: 7 }],
    all: [{ measure: 'lumbarTwistUse', over: 0.3 }],
    reason: 'Pain of 7 or more today: the low back turns only a little.',
    evidence: common,
  },
  {
    id: 'today.pain-extension',
    level: 'limit',
    when: [{ fact: 'pain', from: 7 }],
    all: [{ measure: 'lumbarExtensionUse', over: 0.3 }],
    reason: 'Pain of 7 or more today: the low back hollows only a little.',
    evidence: common,
  },
  {
    id: 'today.dizzy-balance',
    level: 'limit',
    when: [{ fact: 'dizzy', is: [true] }],
    all: [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }],
    reason: 'Dizzy today: a hand on something in every balance.',
    evidence: common,
  },
  {
    id: 'today.dizzy-head-down',
    level: 'limit',
    when: [{ fact: 'dizzy', is: [true] }],
    all: [{ measure: 'headBelowHeart', over: 5 }],
    reason: 'Dizzy today: the head stays level with the heart or above.',
    evidence: common,
  },
  {
    id: 'today.headache-head-down',
    level: 'limit',
    when: [{ fact: 'headache', is: [true] }],
    all: [{ measure: 'headBelowHeart', over: 5 }],
    reason: 'Headache today: the head stays level with the heart or above.',
    evidence: common,
  },
];

/** From the middle to the edge of a base as wide as one foot, cm. */
const FOOT_WIDE = 4;
/** What straightening the knees takes near the seat of a chair, % of body weight × height. */
const RISING = 4.5;

export const ABILITY_RULES: readonly Rule[] = [
  {
    id: 'own.kneel',
    level: 'limit',
    when: [{ fact: 'kneel', is: [false] }],
    all: [{ measure: 'kneesShare', over: 0.05 }],
    reason: 'No weight on the knees.',
    evidence: own,
  },
  {
    id: 'own.floor',
    level: 'limit',
    when: [{ fact: 'floor', is: ['no', 'help'] }],
    all: [{ levelNot: ['chair', 'standing'] }],
    reason: 'Does not get up from the floor alone.',
    evidence: own,
  },
  {
    id: 'own.floor-with-chair',
    level: 'limit',
    when: [{ fact: 'floor', is: ['chair'] }],
    all: [{ floorWay: true }, { support: ['none'] }],
    reason: 'Down to the floor and up again with a hand on a chair.',
    evidence: own,
  },
  {
    id: 'own.hands',
    level: 'limit',
    when: [{ fact: 'hands', is: [false] }],
    all: [{ measure: 'handsShare', over: 0.05 }],
    reason: 'No weight on the hands.',
    evidence: own,
  },
  {
    id: 'own.overhead',
    level: 'limit',
    when: [{ fact: 'overhead', is: [false] }],
    all: [{ measure: 'shoulderFlexion', over: 120 }],
    reason: 'Does not reach overhead.',
    evidence: own,
  },
  {
    id: 'own.overhead-out',
    level: 'limit',
    when: [{ fact: 'overhead', is: [false] }],
    all: [{ measure: 'shoulderAbduction', over: 120 }],
    reason: 'Does not reach overhead.',
    evidence: own,
  },
  {
    id: 'own.flat',
    level: 'limit',
    when: [{ fact: 'flat', is: [false] }],
    all: [{ measure: 'supine', over: 0 }],
    reason: 'Does not lie flat.',
    evidence: own,
  },
  {
    id: 'own.sits',
    level: 'limit',
    when: [{ fact: 'sits', is: [false] }],
    all: [{ level: ['sitting'] }, { support: ['none', 'hand'] }],
    reason: 'Does not sit without something behind the back.',
    evidence: own,
  },
  {
    id: 'own.chair-hands',
    level: 'limit',
    when: [{ fact: 'chair', is: ['hands'] }],
    all: [{ measure: 'kneeExtensorMoment', over: RISING }, { support: ['none'] }],
    reason: 'Rises from a chair with the hands: bends the knees so far with a hand on something.',
    evidence: published('hughes-1996', 'that the same strength is missing in a squat is ours'),
  },
  {
    id: 'own.chair-help',
    level: 'limit',
    when: [{ fact: 'chair', is: ['help'] }],
    all: [{ measure: 'kneeExtensorMoment', over: RISING }],
    reason: 'Rises from a chair with help: does not bend the knees so far alone.',
    evidence: own,
  },
  {
    id: 'own.narrow-base',
    level: 'limit',
    when: [{ fact: 'oneLegSeconds', below: 5 }],
    all: [{ measure: 'balanceMargin', under: FOOT_WIDE }, { support: ['none'] }, { levelNot: ['chair', 'lying', 'prone', 'side-lying', 'sitting'] }],
    reason: 'Stands on one leg for less than 5 seconds: a base wide enough to sway in.',
    evidence: common,
  },
  {
    id: 'own.squat',
    level: 'limit',
    when: [{ fact: 'oneLegSeconds', below: 5 }],
    all: [{ level: ['squatting'] }, { support: ['none'] }],
    reason: 'Stands on one leg for less than 5 seconds: squats with a hand on something.',
    evidence: notCarriedBy('wang-2013', 'it measures what standing poses ask of older joints, and sets no limit'),
  },
  {
    id: 'own.lean',
    level: 'limit',
    when: [{ fact: 'frail', is: [true] }],
    all: [{ measure: 'trunkIncline', under: LEANS }, { level: ['standing', 'squatting'] }, { support: ['none'] }],
    reason: 'Unsteady: leans over in standing with a hand on something.',
    evidence: common,
  },
  {
    id: 'own.frame',
    level: 'limit',
    when: [{ fact: 'walks', is: ['frame'] }],
    all: [{ level: ['standing', 'squatting'] }, { support: ['none'] }],
    reason: 'Walks with a frame: stands with a hand on something.',
    evidence: own,
  },
  {
    id: 'own.one-leg',
    level: 'limit',
    when: [{ fact: 'oneLegSeconds', below: 5 }],
    all: [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }],
    reason: 'Stands on one leg for less than 5 seconds: a hand on something.',
    evidence: published('vellas-1997', 'what follows from it is common practice'),
  },
  {
    id: 'own.one-leg-short',
    level: 'need',
    when: [
      { fact: 'oneLegSeconds', from: 5 },
      { fact: 'oneLegSeconds', below: 10 },
    ],
    all: [{ measure: 'oneLeg', over: 0 }, { support: ['none'] }],
    adds: { prop: 'chair', where: 'within reach' },
    cue: 'A chair back or the wall within reach.',
    reason: 'Stands on one leg for less than 10 seconds: something to hold within reach.',
    evidence: published('springer-2007', 'what follows from it is common practice'),
  },
  ...(['Right', 'Left'] as const).flatMap((side): Rule[] => {
    const word = side.toLowerCase();
    return [
      {
        id: `own.${word}-arm`,
        level: 'limit',
        when: [{ fact: `${word}Arm`, is: ['still', 'missing'] }],
        // Getting down and up is done with the other hand.
        all: [{ measure: `wristLoad${side}`, over: 0.02 }, { familyNot: ['joints'] }],
        reason: `No weight on the ${word} hand.`,
        evidence: own,
      },
      {
        id: `own.${word}-arm-raised`,
        level: 'limit',
        when: [{ fact: `${word}Arm`, is: ['still'] }],
        all: [{ measure: `shoulderFlexion${side}`, over: 60 }, { unhelped: 'arm' }],
        reason: `The ${word} arm does not lift itself.`,
        evidence: own,
      },
      {
        id: `own.${word}-arm-out`,
        level: 'limit',
        when: [{ fact: `${word}Arm`, is: ['still'] }],
        all: [{ measure: `shoulderAbduction${side}`, over: 60 }, { unhelped: 'arm' }],
        reason: `The ${word} arm does not lift itself.`,
        evidence: own,
      },
      {
        id: `own.${word}-arm-behind`,
        level: 'limit',
        when: [{ fact: `${word}Arm`, is: ['still', 'missing'] }],
        all: [{ measure: `shoulderExtension${side}`, over: 30 }],
        reason: `The ${word} hand holds nothing behind the back.`,
        evidence: own,
      },
      {
        id: `own.${word}-leg`,
        level: 'limit',
        when: [{ fact: `${word}Leg`, is: ['still', 'missing'] }],
        all: [{ measure: `kneeLoad${side}`, over: 0.1 }],
        reason: `No weight on the ${word} leg.`,
        evidence: own,
      },
      {
        id: `own.${word}-arm-moves`,
        level: 'limit',
        when: [{ fact: `${word}Arm`, is: ['still', 'missing'] }],
        all: [{ measure: `armMoves${side}`, over: ARM_MOVES }, { unhelped: 'arm' }],
        reason: `The ${word} arm does not move by itself.`,
        evidence: own,
      },
      {
        id: `own.${word}-leg-moves`,
        level: 'limit',
        when: [{ fact: `${word}Leg`, is: ['still', 'missing'] }],
        all: [{ measure: `legMoves${side}`, over: LEG_MOVES }, { unhelped: 'leg' }],
        reason: `The ${word} leg does not move by itself.`,
        evidence: own,
      },
      {
        id: `own.${word}-leg-set`,
        level: 'watch',
        when: [{ fact: `${word}Leg`, is: ['still'] }],
        all: [{ measure: `hipAbduction${side}`, over: 25 }, { level: ['chair'] }],
        cue: `Lift the ${word} thigh with both hands and set the foot there.`,
        reason: `The ${word} leg does not set itself.`,
        evidence: own,
      },
      {
        id: `own.${word}-leg-lifted`,
        level: 'limit',
        when: [{ fact: `${word}Leg`, is: ['still'] }],
        all: [{ measure: 'oneLeg', over: 0 }],
        reason: `The ${word} leg does not lift itself.`,
        evidence: own,
      },
    ];
  }),
  {
    id: 'own.rise',
    level: 'limit',
    when: [{ fact: 'stand', is: [false] }],
    all: [{ measure: 'feetShare', over: RISEN }],
    reason: 'Does not rise from the seat.',
    evidence: own,
  },
  { id: 'own.stand', level: 'limit', when: [{ fact: 'stand', is: [false] }], all: [{ levelNot: ['chair'] }], reason: 'Does not stand.', evidence: own },
];

/**
 * The neck upside down: usual flexion is 50 to 60 degrees, 55 in the middle; folded blankets fill what is
 * missing (common practice).
 */
const NECK_ENOUGH = 58;

/** Rules for everyone: most are made by a position of the house view. */
export const VIEW_RULES: readonly Rule[] = [
  {
    id: 'view.shoulder-stand-bare',
    level: 'limit',
    house: { topic: 'shoulder-stand-bare', positions: ['never'] },
    all: [{ measure: 'inverted', over: 0 }, { support: ['none'] }, { measure: 'neckFlexion', over: NECK_ENOUGH }],
    reason: 'Your view: no shoulder stand or plough on the bare mat: blankets fill what the neck is missing.',
    evidence: notCarriedBy('cramer-2015', 'shoulder stands are among the injuries reported; blankets were not looked at'),
  },
  {
    id: 'view.neck-blankets',
    level: 'need',
    adds: { prop: 'blanket', where: 'one or two more under the shoulders, until swallowing and speaking are easy' },
    all: [{ measure: 'inverted', over: 0 }, { support: ['hand', 'trunk'] }, { measure: 'neckFlexion', over: NECK_ENOUGH }],
    reason: 'At this height the neck would bend further than necks usually do.',
    evidence: common,
  },
  {
    id: 'view.neck-circles',
    level: 'limit',
    house: { topic: 'head-circles', positions: ['half-in-front'] },
    all: [
      { measure: 'neckExtensionUse', over: 0.4 },
      { measure: 'neckSideBend', over: 15 },
    ],
    reason: 'Your view: the head circles in front only, not tipped back and over the side.',
    evidence: common,
  },
  {
    id: 'view.breath-holding',
    level: 'limit',
    house: { topic: 'breath-holding', positions: ['none-in-class'] },
    all: [{ breath: ['held'] }],
    reason: 'Your view: the breath is not held in class.',
    evidence: common,
  },
];
