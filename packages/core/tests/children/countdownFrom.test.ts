/** What children count down from, and what they balance on. */
import { BALANCES, countdownFrom } from '../../src/index.js';

const ON = '2026-12-01';
const born = (...years: number[]) => years.map((year) => ({ born: `${year}-06-01` }));

test.each([
  ['four years old', born(2022), 5],
  ['seven', born(2019), 10],
  ['ten', born(2016), 15],
  ['as the youngest of them', born(2016, 2022, 2019), 5],
  ['whose age nobody knows', [{}, {}], 10],
  ['nobody', [], 10],
  ['on a ninth birthday', [{ born: '2017-12-01' }], 15],
  ['on the day before it', [{ born: '2017-12-02' }], 10],
])('%s', (_who, people, from) => {
  expect(countdownFrom(people, ON)).toBe(from);
});

test('balances have an easier and a harder way each, end as easy as they began, and never stand on the head', () => {
  expect(BALANCES.map(({ parts }) => parts)).toEqual([2, 3, 4, 2]);
  for (const { easier, harder } of BALANCES) {
    expect(easier).not.toBe(harder);
    expect(`${easier} ${harder}`).not.toMatch(/head|neck/);
  }
});
