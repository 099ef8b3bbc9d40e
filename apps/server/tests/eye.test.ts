/** Made-up cases for the teacher's eye: which comes when, what is kept of it, and for whom. */
import { EYE_CASES, type EyeAnswer, type EyeStep } from '@lotus-steady/core';
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
  expect([0, 1, 2]).toContain((await next()).number);
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
