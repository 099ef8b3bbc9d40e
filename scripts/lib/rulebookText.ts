import {
  compileRules,
  judgeAll,
  markOf,
  measureTable,
  readPeople,
  rowsBroken,
  SOMEBODY,
  stagePerson,
  waysToSatisfy,
  type Bound,
  type Evidence,
  type Person,
  type Rule,
  type StageTest,
} from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';

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
  if ('strengthens' in bound) return `strengthens the ${bound.strengthens.join(' or ')}`;
  if ('poseNot' in bound) return `not ordered by the team`;
  if ('familyNot' in bound) return `family other than ${bound.familyNot.join(', ')}`;
  if ('skillOver' in bound) return `practice over ${bound.skillOver}, of 4`;
  if ('unhelped' in bound) return `the ${bound.unhelped} not lifted by the hands`;
  if ('floorWay' in bound) return 'a way to the floor or from it';
  return 'a change of level';
}
const testText = (test: StageTest): string => {
  if ('is' in test) return `${test.fact} ${test.is.join(' or ')}`;
  if ('from' in test) return `${test.fact} from ${test.from}`;
  return `${test.fact} below ${test.below}`;
};

/** A day on which nothing is special. */
const DAY = '2026-01-15';
const USUAL = BUILT_IN.poses.length;

/** How many poses of the catalogue a rule alone shuts in their usual version, for a grown person of usual height. */
function shutBy(rule: Rule): string {
  if (rule.level !== 'never' && rule.level !== 'limit') return '';
  const [compiled] = compileRules({ rules: [{ rule, condition: '' }], person: SOMEBODY });
  if (!compiled) return '';
  const table = measureTable(BUILT_IN, SOMEBODY, DAY);
  const shut = rowsBroken(compiled, table).filter((row) => {
    const { pose, variant } = table.rows[row]!;
    return pose.usual === variant.id;
  });
  return ` Shuts ${shut.length} of ${USUAL}.`;
}

/** Typical people: what is known of them, as they are written down. */
const TYPICAL: readonly (readonly [who: string, person: Record<string, unknown>])[] = [
  ['healthy, 30, a year of practice', { born: '1995-06-01', can: { floor: 'alone', practised: 'years' } }],
  ['grown, nothing known', {}],
  ['first class, 40', { born: '1985-06-01', can: { practised: 'new' } }],
  [
    'fit, 70, tested well, years of practice',
    {
      born: '1955-06-01',
      sex: 'woman',
      can: { floor: 'alone', practised: 'years' },
      screening: { fallsLastYear: 0, chairStands: 15, oneLegSeconds: 20 },
    },
  ],
  ['70, nothing known', { born: '1955-06-01' }],
  ['84, two falls, 5 chair stands', { born: '1941-06-01', screening: { fallsLastYear: 2, chairStands: 5 } }],
  ['uses a wheelchair', { can: { stand: false, floor: 'no' }, conditions: ['wheelchair'] }],
];

/** How many poses someone keeps in their usual version, and in any. */
function keeps(person: Person): string {
  const staged = stagePerson(person, {
    rulebook: RULEBOOK,
    on: DAY,
    houseView: RULEBOOK.usualHouseView,
    poseName: BUILT_IN.poseName,
  });
  const table = measureTable(BUILT_IN, person, DAY, { ranges: staged.abilities.body });
  const codes = judgeAll(compileRules(staged), table);
  const open = table.rows.filter((_, row) => ['allowed', 'with-care'].includes(markOf(codes[row]!)));
  const usual = open.filter(({ pose, variant }) => pose.usual === variant.id);
  return `${usual.length} as usual, ${new Set(open.map(({ pose }) => pose.id)).size} in some version, of ${USUAL}`;
}

const read = (written: Record<string, unknown>): Person =>
  readPeople([{ name: 'A', ...written }], RULEBOOK, DAY).people[0]!;

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
    shutBy(rule),
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
    '## How much people keep',
    '',
    'Of the poses of the catalogue, held as usual; behind each limit stands how many it shuts by itself.',
    '',
    ...TYPICAL.map(([who, person]) => `- ${who}: ${keeps(read(person))}.`),
    '',
    '## What people can do',
    '',
    'What is told or measured, or read from norms; strength, practice and reach are worked out for each person.',
    '',
    ...RULEBOOK.abilityRules.map(ruleText),
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
