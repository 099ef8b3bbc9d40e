/** The built-in rulebook, put together from its data. Runs anywhere. */
import { RULEBOOK_DATA } from '../catalogue/rulebook.js';
import { makeRulebook } from '../src/rules/rulebook.js';

export const RULEBOOK = makeRulebook(RULEBOOK_DATA);
