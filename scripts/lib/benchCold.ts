/**
 * Prints how long a new process takes to fit twenty-four people of whom nothing has been looked up, in
 * milliseconds.
 */
import { createFitter, USUAL_HOUSE_VIEW } from '@lotus-steady/core';
import { benchPeople, benchSequence, FIT_DAY } from './benchClass.js';

const people = benchPeople(24, true);
const sequence = benchSequence();
const began = performance.now();
let told = 0;
createFitter({ people, on: FIT_DAY, houseView: USUAL_HOUSE_VIEW }).fit(sequence, undefined, () => {
  told++;
});
if (told < people.length) throw new Error('Nobody was told how far it had come.');
console.log(performance.now() - began);
