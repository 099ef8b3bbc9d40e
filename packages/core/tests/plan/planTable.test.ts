import { planTable, readPlan, type Step } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { READY } from '@lotus-steady/core/ready';
import fc from 'fast-check';

const read = (source: string) => readPlan(source, BUILT_IN);
/** As a spreadsheet is pasted. */
const pasted = (source: string): string =>
  planTable(read(source), BUILT_IN.flows)
    .map((row) => row.join('\t').replace(/\t+$/, ''))
    .join('\n');
const asSaid = ({ variant, hold, sides, flow, section, note }: Step) => ({
  variant: variant.id,
  hold,
  sides,
  flow: flow && { ...flow, number: 0 },
  section,
  note,
});
const same = (source: string): void => {
  const [before, after] = [read(source), read(pasted(source))];
  expect([after.title, after.minutes]).toEqual([before.title, before.minutes]);
  expect(after.steps.map(asSaid)).toEqual(before.steps.map(asSaid));
};

test.each(READY)('$id is the same as a table', ({ source }) => same(source));

test('a flow of the catalogue and one of her own are a row each', () => {
  const source =
    '# Tides\n## Stand\n- Sun salutation A × 3\n- Tide salute: mountain → arms up → half lift × 4\n- Tree 20 s left';
  expect(planTable(read(source), BUILT_IN.flows)).toHaveLength(6);
  same(source);
});

test('whatever is done, for however long and on whichever side, is the same as a table', () => {
  const variants = BUILT_IN.poses.flatMap(({ ladder, ...pose }) =>
    ladder.map((variant) => ({ pose, variant })),
  );
  const step = fc
    .record({
      one: fc.constantFrom(...variants),
      count: fc.integer({ min: 1, max: 20 }),
      unit: fc.constantFrom('breaths', 'rounds', 's', 'min'),
      side: fc.constantFrom('', 'left', 'right', 'each side'),
      note: fc.constantFrom('', 'wall for whoever wants it', 'three times, slowly'),
    })
    .map(({ one: { pose, variant }, count, unit, side, note }) => {
      const isPlain = variant.id === pose.usual;
      const name = isPlain ? pose.name : `${pose.name}, ${variant.name}`;
      const held = `${count} ${unit}${pose.side && side ? ` ${side}` : ''}`;
      return `- ${name}, ${held}${note ? `\n> ${note}` : ''}`;
    });
  const plan = fc
    .array(fc.record({ section: fc.constantFrom('Arrive', 'Work', 'Rest'), step }), {
      minLength: 1,
      maxLength: 12,
    })
    .map((rows) => rows.map((row) => `## ${row.section}\n${row.step}`).join('\n'));
  fc.assert(
    fc.property(plan, (text) => same(`# Tides\nminutes: 45\n${text}`)),
    { numRuns: 150 },
  );
});
