import { citing, common, type Evidence } from '../src/authoring/ruleWords.js';
import { SOURCES, type SourceId } from './sources.js';

/** Evidence from a source of ours; `note` says how far it reaches here, and what is ours on top. */
export const published = (id: SourceId, note?: string): Evidence => citing(id, SOURCES[id], note);

/** Common practice where published work is near, but does not carry the rule; `note` says what it says. */
export const notCarriedBy = (id: SourceId, note: string): Evidence => ({
  ...common,
  cite: id,
  source: `${common.source}; ${SOURCES[id].citation}, from memory: ${note}`,
});
