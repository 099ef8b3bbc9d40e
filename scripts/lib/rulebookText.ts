import { waysToSatisfy, type Bound, type Evidence, type Rule, type StageTest } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

const number = (value: number): string => String(Math.round(value * 1000) / 1000);

/** A bound in the words of the measures. */
function boundText(bound: Bound): string {
  if ('measure' in bound)
    return 'over' in bound
      ? `${bound.measure} over ${number(bound.over)}`
      : `${bound.measure} under ${number(bound.under)}`;
  if ('holdOver' in bound) return `held over ${bound.holdOver} s`;
  if ('sum' in bound) return `${bound.sum} over ${bound.over} s`;
  if ('level' in bound) return `level ${bound.level.join(' or ')}`;
  if ('levelNot' in bound) return `level other than ${bound.levelNot.join(' or ')}`;
  if ('breath' in bound) return `breath ${bound.breath.join(' or ')}`;
  if ('support' in bound) return `support ${bound.support.join(' or ')}`;
  if ('still' in bound) return 'held, not moving';
  if ('purposeNot' in bound) return `purpose other than ${bound.purposeNot.join(', ')}`;
  if ('familyNot' in bound) return `family other than ${bound.familyNot.join(', ')}`;
  return 'a change of level';
}
const testText = (test: StageTest): string => {
  if ('is' in test) return `${test.fact} ${test.is.join(' or ')}`;
  if ('from' in test) return `${test.fact} from ${test.from}`;
  return `${test.fact} below ${test.below}`;
};

const LIMB_WORDS = { affected: ', on the affected side', each: ', on one limb' };

function ruleText(rule: Rule): string {
  const { id, level, when = [], house, all, limb, adds, cue, reason, evidence } = rule;
  const conditions = [
    ...when.map(testText),
    ...(house
      ? [`view “${RULEBOOK.houseViewTopics[house.topic]!.name}”: ${house.positions.join(' or ')}`]
      : []),
  ].join('; ');
  return [
    `- **${reason}** \`${id}\` (${level})`,
    conditions && ` When ${conditions}.`,
    ` Broken where ${all.map(boundText).join(' and ')}${limb ? LIMB_WORDS[limb] : ''}.`,
    adds && ` Adds: ${adds.prop} ${adds.where}.`,
    cue && ` Say: ${cue}`,
    ` Met by: ${waysToSatisfy(rule).join(', ')}. ${evidenceText(evidence)}`,
  ]
    .filter(Boolean)
    .join('');
}

/** The kind of evidence, and its source where there is one. */
const evidenceText = ({ kind, source }: Evidence): string =>
  `*${kind.replace('-', ' ')}*${source.startsWith('common practice, no') ? '' : `: ${source}`}.`;

const nameOfCondition = (id: string): string => RULEBOOK.condition(id).name;

/** The rulebook as a page to read. */
export function rulebookText(): string {
  const { conditions, conflicts, houseViewTopics, sources, version, warningSigns: signs } = RULEBOOK;
  const rules = conditions.reduce((sum, condition) => sum + condition.rules.length, 0);
  return [
    '# The rulebook',
    '',
    `Written by \`npm run rulebook\` from the data; do not edit. Version \`${version}\`: ` +
      `${conditions.length} conditions and groups, ${rules} rules.`,
    'It advises a trained teacher and diagnoses nobody. Each person’s own doctor, midwife or physiotherapist ' +
      'and local rules come first. All sources are quoted from memory and give way to the source.',
    '',
    ...conditions.flatMap(({ name, aliases, fields, well, clearance, warnings, say, refer, rules: own }) => [
      `## ${name}`,
      '',
      ...(aliases.length ? [`Also: ${aliases.join(', ')}.`, ''] : []),
      `**Goes well:** ${well}`,
      '',
      ...(clearance ? [`**Medical clearance:** ${clearance}`, ''] : []),
      ...(fields.length
        ? [`**Ask:** ${fields.map((field) => field.question ?? `${field.label}?`).join(' ')}`, '']
        : []),
      `**Say:** ${say} **Refer:** ${refer}`,
      '',
      ...(warnings.length
        ? [
            `**Warning signs:** ${warnings.map((id) => `${signs[id]!.asks} (${signs[id]!.who})`).join('; ')}.`,
            '',
          ]
        : []),
      ...own.map(ruleText),
      '',
    ]),
    '## Where two pull apart',
    '',
    ...conflicts.map(
      ({ between, text, neutral }) =>
        `- **${between.map(nameOfCondition).join(' and ')}**: ${text} ` +
        `Neutral: ${[...new Set(neutral)].join(', ')}.`,
    ),
    '',
    '## Warning signs for everyone',
    '',
    ...Object.values(signs)
      .filter(({ everyone }) => everyone)
      .map(({ asks, who }) => `- ${asks}: ${who}.`),
    '',
    '## Where good teachers differ',
    '',
    ...Object.entries(houseViewTopics).flatMap(([id, { name, question, usual, positions }]) => [
      `### ${name} \`${id}\``,
      '',
      question,
      '',
      ...positions.map((position) => {
        const name = position.id === usual ? `**${position.name}** (usual)` : position.name;
        return `- ${name} \`${position.id}\`: ${position.reason} ${evidenceText(position.evidence)}`;
      }),
      '',
    ]),
    '## Sources',
    '',
    ...Object.values(sources).map(({ citation, found }) => `- ${citation}: ${found}`),
    '',
  ].join('\n');
}
