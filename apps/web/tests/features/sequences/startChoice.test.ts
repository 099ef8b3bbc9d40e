/** What the address of the page that begins a class says. */
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { beginningOf, choiceOf, STARTS } from '../../../src/features/sequences/startChoice.js';

const read = (address: string) => choiceOf(new URLSearchParams(address), BUILT_IN.themes);

test('an address is read; what it does not say, or what is not there, is the usual', () => {
  expect(beginningOf(read('for=prenatal-2&aim=hips&minutes=30&nr=4'))).toEqual({
    kind: 'frame',
    frame: 'prenatal-2',
    aim: 'hips',
    minutes: 30,
    seed: 4,
  });
  expect(beginningOf(read('for=nobody&aim=nothing&minutes=soon&nr=-3.5'))).toEqual({
    kind: 'frame',
    frame: STARTS[0]!.id,
    aim: 'all-round',
    minutes: STARTS[0]!.minutes.usual,
    seed: 3,
  });
});

test('children have stories and aims of their own, and no class is longer than they last', () => {
  expect(beginningOf(read('for=children-3-5&story=market-morning&aim=hips&minutes=90'))).toEqual({
    kind: 'lesson',
    band: '3-5',
    theme: 'market-morning',
    aim: 'calm',
    minutes: 20,
    seed: 1,
  });
});
