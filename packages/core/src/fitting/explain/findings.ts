import { ABILITY } from '../../rules/abilityGate.js';
import { positionOf } from '../../rules/houseView.js';
import { judge, standing, type Breach, type Trial } from '../../rules/judge.js';
import type { ActiveRule } from '../../rules/stagePerson.js';
import type { Side } from '../../side.js';
import type { Ask, Candidate, LaneTable } from '../person/index.js';
import type { AllowedBy, Finding } from '../types.js';
import { judgeAsked } from './trial.js';

/** A breach as it is told. `met`: the chosen variant satisfies the rule. */
export const finding = (
  { rule, condition, measure, value, limit }: Breach,
  on: Finding['on'],
  met: boolean,
): Finding => ({
  rule: rule.id,
  condition,
  level: rule.level,
  measure,
  value: typeof value === 'number' ? Math.round(value * 100) / 100 : value,
  limit,
  reason: rule.reason,
  met,
  evidence: rule.evidence,
  on,
  ...(rule.house ? { house: rule.house } : {}),
  ...(rule.changed ? { changed: rule.changed } : {}),
});

/** What the asked way breaks: a rule, or what the person can do. */
export const asked = (breach: Breach, met: boolean): Finding =>
  finding(breach, breach.condition === ABILITY ? 'ability' : 'asked', met);

/** Rules that the asked way breaks, each beside how the chosen way stands; then what is watched. */
export function findingsFor(
  lane: LaneTable,
  ask: Ask,
  side: Side | undefined,
  chosen: {
    candidate: Candidate;
    trial: Trial;
    added: readonly ActiveRule[];
    watches: readonly ActiveRule[];
  },
): Finding[] {
  const asWritten = chosen.candidate.verdict === 'as-written';
  const findings: Finding[] = [];
  const { ranges } = lane.staged.person;
  // What is asked and what is done are the same: nothing hard is broken, and what is soft has been found
  // already.
  for (const breach of asWritten && !ask.pin ? [] : judgeAsked(lane, ask, side)) {
    const now = standing(breach, chosen.trial, ranges);
    const answered = !now.broken || (breach.rule.level === 'need' && breach.rule.adds !== undefined);
    if (!asWritten) findings.push(asked(breach, answered));
    findings.push(finding(now, 'chosen', answered));
  }
  // A level that is closed as such needs no other reason.
  if (!asWritten && !findings.some(({ measure }) => measure === 'level'))
    findings.unshift(...noWayTo(lane, ask));
  for (const breach of [...chosen.added, ...chosen.watches] as Breach[]) {
    if (!findings.some((known) => known.rule === breach.rule.id && known.on === 'chosen'))
      findings.push(finding(breach, 'chosen', breach.rule.level === 'need'));
  }
  return findings;
}

/** Where no way that suits leads to what was asked: which level, and the first rule that its usual way breaks. */
function noWayTo({ body, passage, isReached }: LaneTable, { variant }: Ask): Finding[] {
  const { entry } = body.ends(body.table.rowOf.get(variant)!);
  if (isReached(entry)) return [];
  const broken = [passage('chair', entry), passage(entry, 'chair')].flatMap(({ instead }) => instead)[0];
  return [
    {
      rule: 'own.no-way',
      condition: ABILITY,
      level: 'limit',
      measure: 'level',
      value: entry,
      limit: 'with a way there and back',
      reason: `No way there and back that suits${broken ? `: ${broken.rule.reason}` : '.'}`,
      met: true,
      evidence: broken?.rule.evidence ?? NO_WAY,
      on: 'ability',
    },
  ];
}

const NO_WAY = {
  kind: 'common-practice',
  source: 'the ways between levels, held against the same rules',
} as const;

/**
 * Where a position of the house view let the chosen way pass: which, and what another position would have
 * said.
 */
export function allowedBy({ staged, view }: LaneTable, trial: Trial): AllowedBy[] {
  const found: AllowedBy[] = [];
  for (const { rule } of judge(staged.elsewhere, trial, staged.person.ranges)) {
    const topic = rule.house?.topic;
    if (rule.level === 'watch' || !topic || found.some((one) => one.topic === topic)) continue;
    const { name, position, positionName } = positionOf(topic, view, staged.rulebook);
    const other = positionOf(topic, { [topic]: rule.house!.positions[0]! }, staged.rulebook);
    found.push({
      topic,
      name,
      position,
      positionName,
      other: other.positionName,
      rule: rule.id,
      reason: rule.reason,
    });
  }
  return found;
}
