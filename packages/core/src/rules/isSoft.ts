import type { ActiveRule } from './stagePerson.js';

/** Hard rules keep a variant out; a watch adds a cue, a need with a prop adds the prop. */
export const isSoft = ({ rule }: ActiveRule): boolean =>
  rule.level === 'watch' || (rule.level === 'need' && rule.adds !== undefined);
