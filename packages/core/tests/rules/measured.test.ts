/** How far somebody's own joint goes, where a condition asks for it. */
import { stage } from './people.js';

describe('a knee that was measured', () => {
  const knee = (flexion?: number) =>
    stage({
      conditions: [
        {
          condition: 'knee-replacement',
          operatedOn: '2025-10-01',
          side: 'left',
          ...(flexion === undefined ? {} : { flexion }),
        },
      ],
    });
  const bendsTo = (flexion?: number): readonly number[] =>
    knee(flexion).rules.flatMap(({ rule }) =>
      rule.all.length === 1
        ? rule.all.flatMap((bound) =>
            'over' in bound && 'measure' in bound && bound.measure === 'kneeFlexion'
              ? [rule.said ?? bound.over]
              : [],
          )
        : [],
    );
  test.each([
    [undefined, [120]],
    [95, [95]],
    [130, [130]],
  ])('bends to %p: a limit at %p, on its side', (flexion, limits) => {
    expect(bendsTo(flexion)).toEqual(limits);
    const own = knee(flexion).rules.find(({ rule }) => rule.id === 'own.knee-replacement-flexion');
    expect(own?.sides).toEqual(flexion === undefined ? undefined : ['Left']);
    if (own) expect(own.rule.reason).toBe(`Knee replacement: bends to ${flexion} degrees.`);
  });
});
