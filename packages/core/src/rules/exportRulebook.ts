import type { Rulebook } from './rulebook.js';
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
export const exportRulebook = (rulebook: Rulebook) => ({
  version: rulebook.version,
  conditions: rulebook.conditions.map(
    ({ id, name, aliases, maybe, group, fields, well, clearance, hold, warnings, say, refer }) => ({
      id,
      name,
      aliases,
      ...(maybe ? { maybe } : {}),
      group,
      details: fields,
      well,
      ...(clearance ? { clearance } : {}),
      ...(hold ? { hold } : {}),
      warnings,
      say,
      refer,
    }),
  ),
  rules: [
    ...rulebook.conditions.flatMap(({ id, rules }) => rules.map(ruleOf(id))),
    ...rulebook.todayRules.map(ruleOf('today')),
    ...rulebook.abilityRules.map(ruleOf('own-limits')),
    ...rulebook.viewRules.map(ruleOf('view')),
  ],
  houseView: Object.entries(rulebook.houseViewTopics).map(([id, { name, question, usual, positions }]) => ({
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
  warningSigns: Object.entries(rulebook.warningSigns).map(([id, sign]) => ({ id, ...sign })),
  conflicts: rulebook.conflicts,
  sources: Object.entries(rulebook.sources).map(([id, source]) => ({ id, ...source })),
});
