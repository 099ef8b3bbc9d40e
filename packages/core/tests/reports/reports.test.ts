/** What a report says, against the rows that it is made of; and worked cases. */
import {
  BUILT_IN,
  chanceFrom,
  classSums,
  dateAfter,
  fitClass,
  parseSequence,
  reportOf,
  RULEBOOK,
  SOMEBODY,
  USUAL_HOUSE_VIEW,
  type RecordedClass,
} from '../builtIn.js';

const VERDICTS = ['as-written', 'eased', 'swapped', 'rest'] as const;
const POSES = ['dog', 'tree', 'bridge', 'twist', 'boat'];
const PEOPLE = Array.from({ length: 12 }, (_, i) => `p${i}`);

/** Classes of a year, in no order: what was given, and what was changed in class, by chance. */
function classesOf(seed: number): RecordedClass[] {
  const chance = chanceFrom(seed);
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)]!;
  const points = (): number | null => (chance() < 0.3 ? null : Math.floor(chance() * 11));
  return Array.from({ length: 40 }, (_, i): RecordedClass => {
    const down = PEOPLE.filter(() => chance() < 0.5);
    const steps = Array.from({ length: 6 }, () => one(POSES));
    const given = (step: number, asked: string) => {
      const verdict = one(VERDICTS);
      const pose =
        verdict === 'swapped' || verdict === 'rest' ? one(POSES.filter((p) => p !== asked)) : asked;
      return { step, asked, pose, verdict };
    };
    return {
      id: `c${i}`,
      title: one(['Backs', 'Chairs']),
      on: dateAfter('2026-01-01', Math.floor(chance() * 300)),
      groupId: null,
      plan: one(['a', 'b']),
      ...(chance() < 0.9
        ? {
            sums: {
              minutes: 45 + Math.floor(chance() * 30),
              given: Object.fromEntries(down.map((id) => [id, steps.map((pose, at) => given(at + 1, pose))])),
              short:
                chance() < 0.2 ? [{ prop: one(['chair', 'block']), by: 1 + Math.floor(chance() * 4) }] : [],
            },
          }
        : {}),
      records: down.map((personId) => ({
        ...{ personId, came: chance() < 0.7, painBefore: points(), painAfter: points(), effort: points() },
        changes: steps.flatMap((_, at) =>
          chance() < 0.1 ? [{ step: at + 1, what: one(['eased', 'stopped'] as const) }] : [],
        ),
      })),
    };
  });
}

/** Every step of everybody who came, one row each. */
const rowsOf = (classes: readonly RecordedClass[]) =>
  classes.flatMap((one) =>
    one.records
      .filter(({ came }) => came)
      .flatMap((record) =>
        (one.sums?.given[record.personId] ?? []).map((given) => ({
          ...given,
          classId: one.id,
          personId: record.personId,
          changes: record.changes.filter(({ step }) => step === given.step).map(({ what }) => what),
        })),
      ),
  );

test.each(Array.from({ length: 30 }, (_, i) => i + 1))(
  'the same numbers as counted row by row, %i',
  (seed) => {
    const classes = classesOf(seed);
    const report = reportOf({ classes, people: PEOPLE, last: { p3: '2025-12-12' } });
    const rows = rowsOf(classes);
    const records = classes.flatMap((one) => one.records.map((record) => ({ one, record })));
    expect(report.poses.map(({ pose }) => pose).sort()).toEqual(
      [...new Set(rows.map((r) => r.asked))].sort(),
    );
    for (const { pose, ...told } of report.poses) {
      const of = rows.filter(({ asked }) => asked === pose);
      const stopped = of.filter(({ changes }) => changes.includes('stopped'));
      expect(told.times).toBe(of.length);
      expect(told.classes).toBe(new Set(of.map(({ classId }) => classId)).size);
      for (const verdict of VERDICTS)
        expect(told.given[verdict]).toBe(of.filter((row) => row.verdict === verdict).length);
      expect([told.stopped, told.stoppedBy]).toEqual([
        stopped.length,
        new Set(stopped.map(({ personId }) => personId)).size,
      ]);
      const most = Math.max(...POSES.map((p) => of.filter((row) => p !== pose && row.pose === p).length));
      expect(told.instead?.times ?? 0).toBe(most);
      const others = of.filter(({ verdict }) => verdict === 'swapped' || verdict === 'rest').length;
      if (told.advice === 'another') expect(others / of.length).toBeGreaterThanOrEqual(0.5);
      if (told.advice === 'stopped') expect(told.stoppedBy).toBeGreaterThan(1);
      if (of.length < 8) expect(told.advice).toBeUndefined();
    }
    for (const { personId, ...told } of report.people) {
      const of = records.filter(({ record }) => record.personId === personId);
      const came = of.filter(({ record }) => record.came);
      expect([told.came, told.of]).toEqual([came.length, of.length]);
      expect(told.minutes).toBe(came.reduce((sum, { one }) => sum + (one.sums?.minutes ?? 0), 0));
      const changes = came.flatMap(({ record }) => record.changes.map(({ what }) => what));
      expect(told.smaller + told.stopped).toBe(changes.length);
      const pain = came.map(({ record: { painBefore, painAfter } }) =>
        painBefore === null || painAfter === null ? 0 : painAfter - painBefore,
      );
      expect([told.painUp, told.painDown]).toEqual([
        pain.filter((change) => change >= 2).length,
        pain.filter((change) => change <= -2).length,
      ]);
    }
    const minutes = classes.reduce((sum, { sums }) => sum + (sums?.minutes ?? 0), 0);
    for (const list of [report.months, report.titles]) {
      expect(list.reduce((sum, one) => sum + one.minutes, 0)).toBe(minutes);
      expect(list.reduce((sum, one) => sum + one.classes, 0)).toBe(classes.length);
      expect(list.reduce((sum, one) => sum + one.came, 0)).toBe(
        records.filter(({ record }) => record.came).length,
      );
    }
    const came = new Set(records.filter(({ record }) => record.came).map(({ record }) => record.personId));
    expect(report.notCome.map(({ personId }) => personId).sort()).toEqual(
      PEOPLE.filter((id) => !came.has(id)).sort(),
    );
    for (const { prop, ...told } of report.short) {
      const all = classes.flatMap(({ on, sums }) =>
        (sums?.short ?? []).filter((short) => short.prop === prop).map(({ by }) => ({ on, by })),
      );
      expect(told.classes).toBe(all.length);
      expect(told.most).toBe(Math.max(...all.map(({ by }) => by)));
      expect(told.last).toBe(
        all
          .map(({ on }) => on)
          .sort()
          .at(-1),
      );
    }
    const days = report.classes.map(({ on }) => on);
    expect(days).toEqual([...days].sort());
    report.classes.forEach(({ id, pain, effort, given, changed }) => {
      const { records: all } = classes.find((one) => one.id === id)!;
      const there = all.filter((record) => record.came);
      const said = there.filter(({ painBefore, painAfter }) => painBefore !== null && painAfter !== null);
      expect(pain?.said ?? 0).toBe(said.length);
      if (pain)
        // Told to one decimal.
        expect(
          Math.abs(pain.before - said.reduce((sum, { painBefore }) => sum + painBefore!, 0) / said.length),
        ).toBeLessThan(0.0501);
      const efforts = there.flatMap((record) => record.effort ?? []);
      expect(effort === undefined).toBe(efforts.length === 0);
      const own = rows.filter(({ classId }) => classId === id);
      expect(VERDICTS.map((verdict) => given[verdict])).toEqual(
        VERDICTS.map((verdict) => own.filter((row) => row.verdict === verdict).length),
      );
      expect(changed).toBe(there.reduce((sum, { changes }) => sum + changes.length, 0));
    });
  },
);

describe('worked cases', () => {
  /** One class in which some people did something at the only step. */
  const asked = (
    at: number,
    people: readonly (readonly [verdict: 'as-written' | 'swapped', stopped?: boolean])[],
  ): RecordedClass => ({
    ...{ id: `c${at}`, title: 'Backs', on: dateAfter('2026-01-01', at), groupId: 'g', plan: 'a' },
    sums: {
      minutes: 60,
      short: [],
      given: Object.fromEntries(
        people.map(([verdict], i) => [
          `p${i}`,
          [{ step: 1, asked: 'boat', pose: verdict === 'swapped' ? 'bridge' : 'boat', verdict }],
        ]),
      ),
    },
    records: people.map(([, stopped], i) => ({
      ...{ personId: `p${i}`, came: true, painBefore: null, painAfter: null, effort: null },
      changes: stopped ? [{ step: 1, what: 'stopped' as const }] : [],
    })),
  });
  const adviceOn = (classes: readonly RecordedClass[]) =>
    reportOf({ classes, people: [], last: {} }).poses[0]!.advice;

  test.each([
    [
      'half do something else: plan that',
      [0, 1],
      ['swapped', 'swapped', 'as-written', 'as-written'],
      0,
      'another',
    ],
    ['most do it', [0, 1, 2], ['swapped', 'as-written', 'as-written', 'as-written'], 0, undefined],
    ['too few times to say', [0], ['swapped', 'swapped', 'swapped'], 0, undefined],
    ['two people stopped it', [0, 1], ['as-written', 'as-written', 'as-written', 'as-written'], 2, 'stopped'],
    ['one stopped it each time', [0, 1, 2], ['as-written', 'as-written', 'as-written'], 1, undefined],
  ] as const)('%s', (_, days, verdicts, stop, advice) => {
    expect(
      adviceOn(
        days.map((day) =>
          asked(
            day,
            verdicts.map((verdict, i) => [verdict, i < stop] as const),
          ),
        ),
      ),
    ).toBe(advice);
  });

  test('another plan is told where it changed in the same group; whoever has left is told in no row', () => {
    const classes = [asked(0, [['as-written']]), { ...asked(7, [['as-written']]), plan: 'b' }];
    const { classes: told, people, poses } = reportOf({ classes, people: ['p7'], last: {} });
    expect(told.map(({ isOtherPlan }) => isOtherPlan)).toEqual([false, true]);
    expect(people).toEqual([]);
    expect(poses[0]!.times).toBe(2);
  });
});

test('of a fitting: what each was given, by the side that is further from what was asked', () => {
  const { sequence } = parseSequence(
    'Class, 45 minutes\nmountain, 5 breaths\nplough, 5 breaths\nresting, 3 min',
  );
  const fitting = fitClass({
    ...{ sequence, on: '2026-11-23', houseView: USUAL_HOUSE_VIEW, catalogue: BUILT_IN, rulebook: RULEBOOK },
    people: [
      { ...SOMEBODY, id: 'a', name: 'Ada' },
      { ...SOMEBODY, id: 'b', name: 'Bo', conditions: [{ condition: 'glaucoma', details: {} }] },
    ],
  } as Parameters<typeof fitClass>[0]);
  const { given, minutes } = classSums(fitting);
  expect(minutes).toBe(Math.round(fitting.minutes.planned));
  for (const { personId, steps } of fitting.lanes) {
    expect(given[personId]!.map(({ step }) => step)).toEqual([...new Set(steps.map(({ step }) => step))]);
    for (const { step, asked: pose, verdict } of given[personId]!) {
      const own = steps.filter((one) => one.step === step);
      expect(own.map(({ askedPose }) => askedPose)).toContain(pose);
      expect(Math.max(...own.map((one) => VERDICTS.indexOf(one.verdict)))).toBe(VERDICTS.indexOf(verdict));
    }
  }
  // Eyes under pressure do not go upside down.
  expect(given.b!.find(({ asked: pose }) => pose === 'plough')!.verdict).not.toBe('as-written');
});

test('of a fitting: props of which there were too few, and by how many', () => {
  const { sequence } = parseSequence('Class, 20 minutes\nseated breath on a chair, 3 min');
  const fitting = fitClass({
    ...{ sequence, on: '2026-11-23', houseView: USUAL_HOUSE_VIEW, catalogue: BUILT_IN, rulebook: RULEBOOK },
    people: ['Ada', 'Bo', 'Cy'].map((name) => ({
      ...SOMEBODY,
      id: name,
      name,
      limits: [{ kind: 'no-floor', by: 'herself' }],
    })),
    stock: { chair: 1 },
  } as Parameters<typeof fitClass>[0]);
  expect(classSums(fitting).short).toEqual([{ prop: 'chair', by: 2 }]);
});
