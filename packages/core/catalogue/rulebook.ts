/** What the built-in rulebook is made of. */
import { HOUSE_VIEW_TOPICS } from './houseView.js';
import { NORMS } from './norms.js';
import { LIMIT_KINDS } from './ownLimits.js';
import { CHILD_BANDS } from './rules/child.js';
import { CONFLICTS } from './rules/conflicts.js';
import { ABILITY_RULES, TODAY_RULES, VIEW_RULES } from './rules/everyone.js';
import { CONDITIONS } from './rules/index.js';
import { SOURCES } from './sources.js';
import { WARNING_SIGNS } from './warningSigns.js';

export const RULEBOOK_DATA = {
  conditions: CONDITIONS,
  todayRules: TODAY_RULES,
  abilityRules: ABILITY_RULES,
  viewRules: VIEW_RULES,
  conflicts: CONFLICTS,
  houseViewTopics: HOUSE_VIEW_TOPICS,
  warningSigns: WARNING_SIGNS,
  limitKinds: LIMIT_KINDS,
  childBands: CHILD_BANDS,
  sources: SOURCES,
  norms: NORMS,
};
