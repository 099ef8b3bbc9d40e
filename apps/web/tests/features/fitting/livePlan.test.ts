/** The live plan with the engine itself behind it, and no screen in front. */
import { createFitter, NO_CHOICES, parseSequence, readPeople } from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';
import type { Plan } from '../../../src/domain/fitting/live.js';
import { LivePlan, type Fitters, type PlanStore } from '../../../src/features/fitting/LivePlan.js';

const ON = '2026-12-01';
const engine = createFitter({
  people: readPeople([{ name: 'Ada' }, { name: 'Cal', can: { kneel: false } }], RULEBOOK, ON).people,
  on: ON,
  houseView: RULEBOOK.usualHouseView,
  catalogue: BUILT_IN,
  rulebook: RULEBOOK,
});
const fitters: Fitters = {
  async fit(plan) {
    const { sequence, errors } = parseSequence(plan.source, BUILT_IN);
    return errors.length ? { errors } : { fitting: engine.fit(sequence, plan.choices), errors };
  },
  oneForAll: () => Promise.resolve([]),
};
const first: Plan = {
  source: '# A\n- Mountain, 5 breaths\n- Cat and cow, 6 rounds\n- Final rest, 5 min',
  choices: NO_CHOICES,
};

/** A live plan that is connected, and what was saved of it. */
async function begin(save: PlanStore['save'] = () => Promise.resolve(), by = fitters) {
  const saved: Plan[] = [];
  // What a reload would give back.
  const drafts: { last: Plan | undefined } = { last: undefined };
  const fitting = (await fitters.fit(first, () => {})).fitting!;
  const live = new LivePlan(
    { plan: first, fitting, people: 2 },
    {
      known: () => BUILT_IN,
      changed: (plan) => {
        drafts.last = plan;
      },
      save: (plan) => save(plan).then(() => void saved.push(plan)),
      saved: () => {
        drafts.last = undefined;
      },
    },
  );
  await live.connect(by);
  return { live, saved, drafts };
}
/** Waits until what was asked for is shown. */
const shown = (live: LivePlan, until: () => boolean): Promise<void> =>
  new Promise((resolve) => {
    const stop = live.watch(() => {
      if (!until()) return;
      stop();
      resolve();
    });
  });
const poses = (live: LivePlan): string[] =>
  live.snapshot().fitting.steps.map(({ variant }) => variant.split('.')[0]!);

test('an edit is fitted, can be undone and done again, and the last is what is saved', async () => {
  const { live, saved } = await begin();
  live.edit({ kind: 'remove', step: 2 });
  expect(live.planNow().source).not.toContain('Cat and cow');
  await shown(live, () => poses(live).length === 2);
  expect(live.snapshot()).toMatchObject({ canUndo: true, canRedo: false, saved: 'waiting' });

  live.undo();
  await shown(live, () => poses(live).length === 3);
  expect(live.snapshot()).toMatchObject({ canUndo: false, canRedo: true });
  live.redo();
  await shown(live, () => poses(live).length === 2);

  live.leave();
  await shown(live, () => live.snapshot().saved === 'saved');
  expect(saved).toEqual([live.planNow()]);
  expect(live.unsaved()).toBeUndefined();
});

test('a fitting that a later edit has overtaken is not shown', async () => {
  const slow: (() => void)[] = [];
  const { live } = await begin(undefined, {
    ...fitters,
    fit: async (plan, progress) => {
      if (plan.source.includes('Tree')) await new Promise<void>((go) => slow.push(go));
      return fitters.fit(plan, progress);
    },
  });
  live.edit({ kind: 'add', after: 1, line: 'Tree, 20 s each side' });
  await new Promise((go) => setTimeout(go));
  live.edit({ kind: 'remove', step: 2 });
  await shown(live, () => poses(live).length === 3);
  const { fitting } = live.snapshot();
  for (const go of slow) go();
  await new Promise((go) => setTimeout(go));
  expect(live.snapshot().fitting).toBe(fitting);
  live.leave();
});

test('what the server does not take stays unsaved and says so; a failing fitter ends in words', async () => {
  const { live } = await begin(() => Promise.reject(new Error('No answer.')), {
    ...fitters,
    fit: () => Promise.reject(new Error('This could not be worked out on the page.')),
  });
  live.edit({ kind: 'remove', step: 2 });
  await shown(live, () => live.snapshot().problem !== undefined);
  expect(live.snapshot().problem).toContain('could not be worked out');
  expect(poses(live)).toHaveLength(3);
  await live.saveNow();
  expect(live.snapshot().saved).toEqual({ error: new Error('No answer.') });
  expect(live.unsaved()).toEqual(live.planNow());
});

test('an edit is a draft until it is saved; one made while another is on its way stays one', async () => {
  const answers: (() => void)[] = [];
  const { live, drafts } = await begin(() => new Promise<void>((answer) => answers.push(answer)));
  live.edit({ kind: 'remove', step: 2 });
  expect(drafts.last).toEqual(live.planNow());
  const first = live.saveNow();
  live.edit({ kind: 'remove', step: 1 });
  answers[0]!();
  await first;
  expect(drafts.last).toEqual(live.planNow());
  const second = live.saveNow();
  answers[1]!();
  await second;
  expect(drafts.last).toBeUndefined();
  live.leave();
});

test('a plan taken whole is fitted and saved like an edit, and can be undone', async () => {
  const { live, saved } = await begin();
  const other = { source: '# A\n- Mountain, 5 breaths', choices: NO_CHOICES };
  live.takePlan(other);
  await shown(live, () => poses(live).length === 1);
  await live.saveNow();
  expect(saved).toEqual([other]);
  live.undo();
  await shown(live, () => poses(live).length === 3);
  live.leave();
});
