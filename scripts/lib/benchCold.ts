/**
 * Prints how long a new process takes to fit twenty-four people of whom nothing has been looked up, in
 * milliseconds.
 */
import { createFitter } from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import { benchPeople, benchSequence, FIT_DAY } from './benchClass.js';

const people = benchPeople(24, true);
const sequence = benchSequence();
const began = performance.now();
let told = 0;
createFitter({
  people,
  on: FIT_DAY,
  houseView: RULEBOOK.usualHouseView,
  catalogue: BUILT_IN,
  rulebook: RULEBOOK,
}).fit(sequence, undefined, () => {
  told++;
});
if (told < people.length) throw new Error('Nobody was told how far it had come.');
console.log(performance.now() - began);
