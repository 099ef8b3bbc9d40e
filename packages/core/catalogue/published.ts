import { citing, type Evidence } from '../src/authoring/ruleWords.js';
import { SOURCES, type SourceId } from './sources.js';

/** Evidence from a source of ours; `note` says how far it reaches here. */
export const published = (id: SourceId, note?: string): Evidence => citing(id, SOURCES[id], note);
