/** The rulebook as a whole: what it holds, its edges against published classes, how it is written out. */
import { Ajv } from 'ajv';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { VIEW_RULES } from '../../catalogue/rules/everyone.js';
import { rulebookText } from '../../../../scripts/lib/rulebookText.js';
import { join } from 'node:path';
import {
  BUILT_IN,
  compileRules,
  CONDITIONS,
  CONFLICTS,
  conflictText,
  HOUSE_VIEW_TOPICS,
  judgeAll,
  measureTable,
  POSES,
  readPeople,
  rulebookVersion,
  RULEBOOK,
  RULEBOOK_VERSION,
  SOMEBODY,
  SOURCES,
  stagePerson,
  USUAL_HOUSE_VIEW,
  WARNING_SIGNS,
  waysToSatisfy,
} from '../builtIn.js';
import { afterTheWait, ON, ROOT, allRules, careful, stage } from './people.js';

describe('what is there', () => {
  test('at least 50 conditions and 180 rules, each told whole', () => {
    expect(CONDITIONS.length).toBeGreaterThanOrEqual(50);
    expect(allRules.length).toBeGreaterThanOrEqual(180);
    for (const { well, say, refer, fields, warnings } of CONDITIONS) {
      for (const text of [well, say, refer]) expect(text).toMatch(/[.?!]$/);
      for (const field of fields) expect(field.question ?? '').toMatch(/[?.]$/);
      for (const id of warnings) expect(WARNING_SIGNS[id]).toBeDefined();
    }
  });
  test('published rules name a source that is listed; every rule can be met somehow', () => {
    for (const rule of allRules) {
      if (rule.evidence.cite) expect(Object.keys(SOURCES)).toContain(rule.evidence.cite);
      if (rule.evidence.kind === 'published') expect(rule.evidence.source).toMatch(/from memory|\d{4}/);
      expect(waysToSatisfy(rule).length).toBeGreaterThan(0);
    }
    expect(allRules.filter(({ evidence }) => evidence.kind === 'published').length).toBeGreaterThan(40);
    // Nothing is listed that nothing rests on.
    const cited = new Set([
      ...allRules.map(({ evidence }) => evidence.cite),
      ...RULEBOOK.abilityRules.map(({ evidence }) => evidence.cite),
      ...Object.values(RULEBOOK.norms).map((norm) => ('cite' in norm ? norm.cite : undefined)),
      ...Object.values(HOUSE_VIEW_TOPICS).flatMap(({ positions }) =>
        positions.map(({ evidence }) => evidence.cite),
      ),
    ]);
    expect(Object.keys(SOURCES).filter((id) => !cited.has(id))).toEqual([]);
  });
  test('no two conditions answer to the same name', () => {
    const names = CONDITIONS.flatMap(({ id, name, aliases }) => [
      ...new Set([
        id.replaceAll('-', ' '),
        name.toLowerCase(),
        ...aliases.map((alias) => alias.toLowerCase()),
      ]),
    ]);
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  });

  // Over-restriction is a failure too: at the careful stage, at the usual hold, across families.
  test.each(CONDITIONS.filter(({ id }) => id !== 'acute-illness').map(({ id }) => id))(
    '%s leaves at least six poses of four families as they are',
    (id) => {
      const { people } = readPeople([{ name: 'A', ...careful(id) }], ON);
      const staged = stagePerson(people[0]!, ON, USUAL_HOUSE_VIEW);
      const table = measureTable(BUILT_IN, people[0]!, ON);
      const codes = judgeAll(compileRules(staged), table);
      const usual = table.rows.filter(
        ({ pose, variant }, row) => pose.usual === variant.id && codes[row] === 0,
      );
      expect(usual.length).toBeGreaterThanOrEqual(6);
      expect(new Set(usual.map(({ pose }) => pose.family)).size).toBeGreaterThanOrEqual(
        id === 'wheelchair-user' ? 3 : 4,
      );
    },
  );
  test.each(CONFLICTS.map((conflict) => [conflict.between.join(' and '), conflict] as const))(
    '%s: said out loud, and the neutral choices suit both',
    (_names, conflict) => {
      const { between, neutral } = conflict;
      const staged = stage({
        conditions: between.map((condition) => ({ condition, ...afterTheWait(condition) })),
      });
      const table = measureTable(BUILT_IN, SOMEBODY, ON);
      const codes = judgeAll(compileRules(staged), table);
      expect(staged.alerts).toContainEqual({
        kind: 'conflict',
        text: conflictText(conflict, BUILT_IN.poseName),
      });
      expect(neutral.length).toBeGreaterThan(0);
      for (const id of neutral)
        expect([
          id,
          codes[
            table.rows.findIndex(({ variant }) => variant.id === POSES.find((pose) => pose.id === id)!.usual)
          ]! < 2,
        ]).toEqual([id, true]);
    },
  );
});

describe('published classes at their edges', () => {
  // WHO 1994: osteoporosis from -2.5 down, low between -1 and -2.5.
  test.each([
    ['-1.1', 'osteopenia'],
    ['-2.4', 'osteopenia'],
    ['-2.5', 'osteoporosis'],
    ['−3,1', 'osteoporosis'],
    ['-1.0', 'grade not known'],
  ])('T-score %s: %s', (tScore, label) =>
    expect(stage({ conditions: [{ condition: 'low bone density', tScore }] }).stages[0]!.label).toBe(label),
  );
  // Common orthopaedic classes: mild from 10, moderate from 25, severe from 40.
  test.each([
    [10, 'mild'],
    [24, 'mild'],
    [25, 'moderate'],
    [39, 'moderate'],
    [40, 'severe'],
  ])('%i degrees: %s', (cobb, label) =>
    expect(stage({ conditions: [{ condition: 'scoliosis', cobb }] }).stages[0]!.label).toContain(label),
  );
  // Six weeks after birth are 42 days; twelve weeks after an operation are 84.
  test.each([
    ['2026-10-20', '6 weeks after'],
    ['2026-10-21', '5 weeks after'],
  ])('born %s: %s', (gaveBirth, label) =>
    expect(stage({ conditions: [{ condition: 'after birth', gaveBirth }] }).stages[0]!.label).toBe(label),
  );
  test.each([
    ['2026-09-08', true],
    ['2026-09-09', false],
  ])('operated %s: twelve weeks are over: %s', (operatedOn, over) =>
    expect(
      stage({ conditions: [{ condition: 'knee replacement', operatedOn }] }).rules.some(
        ({ rule }) => rule.id === 'knee-replacement.kneeling-early',
      ),
    ).toBe(!over),
  );
});

describe('written out', () => {
  test('the version changes with a number, a reason and a stage, and with nothing else', () => {
    const [first, ...rest] = CONDITIONS as [(typeof CONDITIONS)[number], ...typeof CONDITIONS];
    const versionOf = (conditions: typeof CONDITIONS) => rulebookVersion({ ...RULEBOOK, conditions });
    expect(rulebookVersion(RULEBOOK)).toBe(RULEBOOK_VERSION);
    expect(
      versionOf([
        {
          ...first,
          rules: first.rules.map((rule, i) => (i ? rule : { ...rule, reason: `${rule.reason} Really.` })),
        },
        ...rest,
      ]),
    ).not.toBe(RULEBOOK_VERSION);
    expect(
      versionOf([{ ...first, stage: (input) => ({ ...first.stage(input), facts: { week: 39 } }) }, ...rest]),
    ).not.toBe(RULEBOOK_VERSION);
  });
  test('it is printed as JSON that keeps to its schema', () => {
    const { stdout } = spawnSync('npx', ['tsx', '--conditions=source', 'scripts/export.ts', 'rulebook'], {
      cwd: ROOT,
      encoding: 'utf8',
      maxBuffer: 1 << 26,
      env: { ...process.env, NODE_OPTIONS: '' },
    });
    const valid = new Ajv({ allErrors: true }).compile(
      JSON.parse(readFileSync(join(ROOT, 'docs/formats/rulebook.schema.json'), 'utf8')) as object,
    );
    const printed = JSON.parse(stdout) as { version: string };
    expect([valid(printed), valid.errors]).toEqual([true, null]);
    expect(printed.version).toBe(RULEBOOK_VERSION);
  });
  test('docs/rulebook.md is what the data says (else run npm run rulebook)', () =>
    expect(readFileSync(join(ROOT, 'docs/rulebook.md'), 'utf8')).toBe(rulebookText()));
});

test(
  'every topic on which teachers differ changes something: a rule, what is said, who may start, or ' +
    'what follows a shoulder stand',
  () => {
    const inRules = new Set(
      [...CONDITIONS.flatMap(({ rules }) => rules), ...VIEW_RULES].flatMap(({ house }) => house?.topic ?? []),
    );
    const elsewhere = new Set(['who-may-start', 'after-shoulder-stand']);
    const idle = Object.entries(HOUSE_VIEW_TOPICS)
      .filter(
        ([topic, { positions }]) =>
          !inRules.has(topic) && !elsewhere.has(topic) && !positions.some(({ cue }) => cue),
      )
      .map(([topic]) => topic);
    expect(idle).toEqual([]);
  },
);
