import type { CounterPoses } from '../src/authoring/poseWords.js';

/**
 * Poses that answer a deep step: any of them as the next step will do, and the first that suits is put in where none
 * comes. `usual` of each pose is offered before its other rungs.
 */
const AFTER_BACK_BEND = [
  'childs-pose',
  'knees-to-chest',
  'cat-cow',
  'supine-twist',
  'half-forward-fold',
  'chair-fold',
  'supported-childs-pose',
  'pelvic-tilt',
  'windscreen-wipers',
  'downward-facing-dog',
  'standing-forward-fold',
  'rag-doll',
  'table-rest',
  'seated-forward-fold',
  'forearm-waves',
  'constructive-rest',
  'crocodile',
  'seated-twist',
  'mountain',
] as const;
const AFTER_FOLD = [
  'cat-cow',
  'chest-lift',
  'bridge',
  'crocodile',
  'low-chest-lift',
  'cobra',
  'locust',
  'shoulder-blade-squeeze',
  'mountain',
  'arm-raise',
  'staff',
  'reverse-table',
  'seated-twist',
  'side-bend',
  'full-body-stretch',
  'table',
] as const;

/** By position of the house view topic `after-shoulder-stand`. */
const AFTER_INVERSION: Readonly<Record<string, readonly string[]>> = {
  'rest-on-props': ['rest-on-props', 'constructive-rest', 'legs-up-the-wall', 'supine-twist', 'knees-to-chest', 'childs-pose'],
  'twist-or-knees-in': ['supine-twist', 'knees-to-chest', 'windscreen-wipers', 'constructive-rest', 'childs-pose', 'supported-childs-pose', 'seated-twist'],
  'back-bend': ['fish', 'bridge', 'supine-twist', 'knees-to-chest', 'constructive-rest', 'childs-pose'],
};

/** What follows something deep, per person (common practice, no published source). */
export const COUNTER_POSES: CounterPoses = {
  'back-bend': AFTER_BACK_BEND,
  fold: AFTER_FOLD,
  inversion: AFTER_INVERSION,
};
