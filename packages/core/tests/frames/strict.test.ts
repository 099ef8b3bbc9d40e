/** Under the most careful positions of the house view a frame still gives a class, and says nothing untrue of it. */
import {
  createFitter,
  fillFrame,
  framePeople,
  NO_CHOICES,
  paceOf,
  parseSequence,
  readPeople,
} from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { AIMS, FRAMES } from '@lotus-steady/core/frames';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

const ON = '2026-11-30';
const CAREFUL = Object.fromEntries(
  Object.entries(RULEBOOK.houseViewTopics).map(([id, { positions }]) => [id, positions[0]!.id]),
);

test.each(FRAMES)('$name', (frame) => {
  const fitter = createFitter({
    people: readPeople(framePeople(frame.people, ON), RULEBOOK, ON).people,
    on: ON,
    houseView: CAREFUL,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
  });
  const tools = { catalogue: BUILT_IN, fitter, on: ON, pace: paceOf() };
  for (const seed of [1, 2]) {
    const source = fillFrame(frame, { minutes: frame.minutes.usual, aim: AIMS[0]!, seed }, tools);
    const { sequence, errors } = parseSequence(source, BUILT_IN);
    expect(errors).toEqual([]);
    const fitting = fitter.fit(sequence, NO_CHOICES);
    const others = fitting.lanes
      .flatMap(({ steps }) => steps)
      .filter(({ verdict }) => verdict !== 'as-written')
      .map(({ asked }) => asked);
    expect(others).toEqual([]);
  }
});
