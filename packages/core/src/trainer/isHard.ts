import type { ActiveRule } from '../rules/stagePerson.js';

/** Whether the engine keeps to a rule by itself: it is more than a cue, or than something to be added. */
export const isHard = ({ rule }: Pick<ActiveRule, 'rule'>): boolean =>
  rule.level === 'never' || rule.level === 'limit' || (rule.level === 'need' && rule.adds === undefined);
