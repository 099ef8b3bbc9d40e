import { CONDITIONS } from '../../catalogue/rules/index.js';
import { CONFLICTS } from '../../catalogue/rules/conflicts.js';
import { ABILITY_RULES, TODAY_RULES, VIEW_RULES } from '../../catalogue/rules/everyone.js';
import { HOUSE_VIEW_TOPICS } from '../../catalogue/houseView.js';
import { SOURCES } from '../../catalogue/sources.js';
import { WARNING_SIGNS } from '../../catalogue/warningSigns.js';
import { RULEBOOK_VERSION } from './rulebook.js';
import type { Evidence, Rule } from './types.js';
import { waysToSatisfy } from './waysToSatisfy.js';

const evidenceOf = ({ kind, source, found, cite }: Evidence) => ({
  kind,
  source,
  ...(found ? { found } : {}),
  ...(cite ? { cite } : {}),
});

const ruleOf = (condition: string) => (rule: Rule) => {
  const { id, level, when = [], house, all, limb, adds, cue, reason, evidence } = rule;
  return {
    id,
    condition,
    level,
    when,
    ...(house ? { house } : {}),
    all,
    ...(limb ? { limb } : {}),
    ...(adds ? { adds } : {}),
    ...(cue ? { cue } : {}),
    satisfiedBy: waysToSatisfy(rule),
    reason,
    evidence: evidenceOf(evidence),
  };
};

/**
 * The whole rulebook as plain data: conditions, rules, topics of the house view, warning signs, conflicts
 * and sources.
 */
export const exportRulebook = () => ({
  version: RULEBOOK_VERSION,
  conditions: CONDITIONS.map(
    ({ id, name, aliases, group, fields, well, clearance, warnings, say, refer }) => ({
      id,
      name,
      aliases,
      group,
      details: fields,
      well,
      ...(clearance ? { clearance } : {}),
      warnings,
      say,
      refer,
    }),
  ),
  rules: [
    ...CONDITIONS.flatMap(({ id, rules }) => rules.map(ruleOf(id))),
    ...TODAY_RULES.map(ruleOf('today')),
    ...ABILITY_RULES.map(ruleOf('own-limits')),
    ...VIEW_RULES.map(ruleOf('view')),
  ],
  houseView: Object.entries(HOUSE_VIEW_TOPICS).map(([id, { name, question, usual, positions }]) => ({
    id,
    name,
    question,
    usual,
    positions: positions.map((position) => ({
      id: position.id,
      name: position.name,
      reason: position.reason,
      evidence: evidenceOf(position.evidence),
      ...(position.cue ? { cue: position.cue.says } : {}),
    })),
  })),
  warningSigns: Object.entries(WARNING_SIGNS).map(([id, sign]) => ({ id, ...sign })),
  conflicts: CONFLICTS,
  sources: Object.entries(SOURCES).map(([id, source]) => ({ id, ...source })),
});
