/** Ranges and tests that were measured again. */
import { measuredOverTime } from '../builtIn.js';

test('each measuring once, on its day; what was only written again is no new one', () => {
  const versions: Parameters<typeof measuredOverTime>[0] = [
    {
      on: '2026-05-01',
      ranges: { shoulderFlexionRight: 108, hipFlexionLeft: 90 },
      screening: { chairStands: 8 },
    },
    {
      on: '2026-01-10',
      ranges: { shoulderFlexionRight: 95, hipFlexionLeft: 90 },
      screening: { chairStands: 7 },
    },
    {
      ...{ on: '2026-09-01', ranges: { shoulderFlexionRight: 120 }, screening: { chairStands: 8 } },
      dated: { 'ranges.shoulderFlexionRight': { on: '2026-08-20' } },
    },
  ];
  expect(measuredOverTime(versions)).toEqual([
    {
      ...{ key: 'shoulderFlexionRight', of: 'range', usual: 180 },
      points: [
        { on: '2026-01-10', value: 95 },
        { on: '2026-05-01', value: 108 },
        { on: '2026-08-20', value: 120 },
      ],
    },
    {
      ...{ key: 'chairStands', of: 'test' },
      points: [
        { on: '2026-01-10', value: 7 },
        { on: '2026-05-01', value: 8 },
      ],
    },
  ]);
});

test('measured again on a later day with the same result it is there twice', () => {
  const dated = (on: string) => ({ 'screening.tugSeconds': { on } });
  const [one] = measuredOverTime([
    { on: '2026-01-10', screening: { tugSeconds: 9 }, dated: dated('2026-01-10') },
    { on: '2026-06-10', screening: { tugSeconds: 9 }, dated: dated('2026-06-09') },
  ]);
  expect(one!.points).toEqual([
    { on: '2026-01-10', value: 9 },
    { on: '2026-06-09', value: 9 },
  ]);
});
