/** Mirrored people get mirrored lanes. */
import fc from 'fast-check';
import { named, fit } from '../mixedClass.js';

test('mirrored people get mirrored lanes', () => {
  const sided = [
    'Tree, 20 s each side',
    'Low lunge, 4 breaths each side',
    'Opposite arm and leg, 4 breaths each side',
    'Side bend, 4 breaths each side',
    'Pigeon, 5 breaths each side',
    'Warrior two, 4 breaths each side',
    'Gate, 4 breaths each side',
    'Supine twist, 5 breaths each side',
  ];
  const bySide = (lines: readonly string[], person: Record<string, unknown>): Record<string, string>[] =>
    fit(
      named([person]),
      {},
      undefined,
      `# A\nminutes: 60\n${lines.map((line) => `- ${line}`).join('\n')}`,
    ).lanes[0]!.steps.reduce<Record<string, string>[]>((steps, { step, sides, variant, hold }) => {
      steps[step] = {
        ...steps[step],
        ...Object.fromEntries(
          (sides.length ? sides : (['right', 'left'] as const)).map((side) => [
            side,
            `${variant} ${Math.round(hold.seconds)}`,
          ]),
        ),
      };
      return steps;
    }, []);
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom(...sided), { minLength: 1, maxLength: 4 }),
      fc.constantFrom(
        'knee arthritis',
        'hip replacement',
        'frozen shoulder',
        'sciatica',
        'carpal tunnel',
        'ankle sprain',
      ),
      fc.option(fc.integer({ min: 40, max: 170 }), { nil: undefined }),
      (lines, condition, reach) => {
        const person = (side: 'right' | 'left') => ({
          conditions: [{ condition, side }],
          ...(reach
            ? { ranges: { [side === 'right' ? 'shoulderFlexionRight' : 'shoulderFlexionLeft']: reach } }
            : {}),
        });
        const one = bySide(lines, person('right'));
        const other = bySide(lines, person('left'));
        expect(one.map((step) => step && [step.right, step.left])).toEqual(
          other.map((step) => step && [step.left, step.right]),
        );
      },
    ),
    { numRuns: 40 },
  );
});
