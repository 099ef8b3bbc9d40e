import { RISEN } from './chairUser.js';
import { type Evidence, type Rule, common } from '../../src/authoring/ruleWords.js';

const own: Evidence = { kind: 'common-practice', source: 'what the person has told you' };

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
    when: [{ fact: 'floor', is: [false] }],
    all: [{ levelNot: ['chair', 'standing'] }],
    reason: 'Cannot get to the floor and back.',
    evidence: own,
  },
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
    evidence: common,
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
    id: 'view.breath-holding',
    level: 'limit',
    house: { topic: 'breath-holding', positions: ['none-in-class'] },
    all: [{ breath: ['held'] }],
    reason: 'Your view: the breath is not held in class.',
    evidence: common,
  },
];
