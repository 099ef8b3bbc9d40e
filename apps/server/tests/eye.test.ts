/** Made-up cases for the teacher's eye: which comes when, what is kept of it, and for whom. */
import { EYE_CASES, type EyeAnswer, type EyeStep, type Fitting } from '@lotus-steady/core';
import { ask, fieldsOf, start, TODAY, withDemoHall } from './client.js';

withDemoHall();

interface Case {
  number: number;
  stages: string[];
  steps: { step: number; text: string; pose: string }[];
}
const next = async (): Promise<Case> => (await ask('eye/next')).json as Case;
const state = async () => (await ask('eye')).json as { left: number; due: number; answers: EyeAnswer[] };
const answer = async (number: number, marks: object[]) => {
  const { status, json } = await ask('eye/answers', 'POST', { number, marks });
  expect(status).toBe(200);
  return json as { steps: EyeStep[]; others: object[]; again: string };
};

test('cases come one after the other; what was missed comes again first, when it is due', async () => {
  expect(await state()).toEqual({ left: EYE_CASES, due: 0, answers: [] });
  const first = await next();
  expect([first.number, first.stages.length > 0, first.steps.length > 3]).toEqual([0, true, true]);
  // Nothing marked: what had to be changed is missed.
  const missed = await answer(0, []);
  expect(missed.steps.some(({ seen }) => seen === 'missed')).toBe(true);
  expect(missed.again > TODAY).toBe(true);
  const second = await next();
  expect(second.number).toBe(1);
  // As the fitting has it: it comes back later than what was missed.
  const { steps } = await answer(1, []);
  await answer(
    2,
    (await answer(2, [])).steps.map(({ step, given }) => ({ step, verdict: given })),
  );
  const seen = await state();
  expect([seen.left, seen.answers.length]).toEqual([EYE_CASES - 3, 4]);
  expect(seen.answers.filter(({ number }) => number === 1)[0]!.steps).toHaveLength(steps.length);
  expect(seen.answers.at(-1)!.steps.every((step) => step.seen === 'right')).toBe(true);

  await start('once', missed.again);
  expect((await state()).due).toBeGreaterThan(0);
  expect((await next()).number).toBe(0);
});

test.each([
  [{ number: -1, marks: [] }, 'number'],
  [{ number: 1.5, marks: [] }, 'number'],
  [{ number: 1, marks: [{ step: 1, verdict: 'skipped' }] }, 'marks[0].verdict'],
  [{ number: 1, marks: [{ step: 0, verdict: 'rest' }] }, 'marks[0].step'],
])('%j is refused where it is wrong', async (body, field) => {
  const wrong = await ask('eye/answers', 'POST', body);
  expect([wrong.status, fieldsOf(wrong)]).toEqual([400, [field]]);
});

test('somebody of an own class, without a name; what was given and what happened is told, none is kept', async () => {
  await start('fresh');
  expect((await ask('eye/own')).status).toBe(404);
  const classes = (await ask('classes')).json as { id: string; title: string }[];
  const { id } = classes.find(({ title }) => title === 'Steady Backs')!;
  const { people, fitting } = (await ask(`classes/${id}`)).json as {
    people: { id: string; name: string }[];
    fitting: Fitting;
  };
  const records = people.map(({ id: personId }) => ({
    ...{ personId, came: true, painBefore: 4, painAfter: 1, word: '' },
    changes: [{ step: 2, what: 'stopped', where: 'low-back' }],
  }));
  expect((await ask(`classes/${id}/record`, 'PUT', { records })).status).toBe(200);
  const { status, text, json } = await ask('eye/own');
  expect(status).toBe(200);
  const one = json as Case & { own: { classId: string; seat: number } };
  for (const person of people)
    for (const of of [person.id, ...person.name.split(' ')]) expect(text).not.toContain(of);
  const whose = people[one.own.seat]!;
  const lane = fitting.lanes.find(({ personId }) => personId === whose.id)!;
  const told = (await ask('eye/own/answers', 'POST', { ...one.own, marks: [] })).json as {
    steps: EyeStep[];
    happened: string[];
  };
  expect(told.steps.map(({ step }) => step)).toEqual(one.steps.map(({ step }) => step));
  for (const { step, given, seen } of told.steps) {
    expect(lane.steps.filter((entry) => entry.step === step).map(({ verdict }) => verdict)).toContain(given);
    expect(seen).toBe(given === 'as-written' ? 'right' : 'missed');
  }
  expect(told.happened.join()).toMatch(/stopped, low back hurt.*pain 4 before, 1 after/);
  expect((await state()).answers).toEqual([]);
  const wrong = await ask('eye/own/answers', 'POST', { classId: id, seat: 99, marks: [] });
  expect(wrong.status).toBe(404);
});
