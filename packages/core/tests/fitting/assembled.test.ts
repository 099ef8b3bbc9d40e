/** What a fitting says of itself holds: the clock, who waits, what adds up, versions, and the handover sheet. */
import fc from 'fast-check';
import {
  BUILT_IN,
  createFitter,
  handover,
  NO_CHOICES,
  parseSequence,
  POSES,
  readPeople,
  USUAL_HOUSE_VIEW,
  type Fitting,
  type Lane,
  type LaneStep,
} from '../builtIn.js';

const ON = '2026-12-01';
const MINUTES = [10, 25, 60, 120];

/** People of many kinds, so that lanes differ, wait, stop and are left without. */
const { people: PEOPLE, errors } = readPeople(
  [
    { name: 'Ada' },
    { name: 'Bo', conditions: [{ condition: 'pregnancy', dueDate: '2027-02-23' }] },
    { name: 'Cal', conditions: [{ condition: 'hypertension', control: 'uncontrolled' }] },
    { name: 'Dot', born: '1941-05-05', screening: { fallsLastYear: 2 } },
    { name: 'Eli', conditions: [{ condition: 'knee arthritis', side: 'right' }], can: { kneel: false } },
    { name: 'Fay', today: { signs: ['chest-pain'] } },
    { name: 'Gus', conditions: [{ condition: 'frozen shoulder', side: 'left' }], heightCm: 191 },
  ],
  ON,
);
expect(errors).toEqual([]);

const classes = fc.record({
  steps: fc.array(fc.constantFrom(...POSES), { minLength: 1, maxLength: 7 }),
  minutes: fc.constantFrom(...MINUTES),
  people: fc.subarray(PEOPLE, { minLength: 1 }),
  fewerVersions: fc.boolean(),
});

interface AnyClass {
  steps: (typeof POSES)[number][];
  minutes: number;
  people: typeof PEOPLE;
  fewerVersions: boolean;
}

function fitted({ steps, minutes, people, fewerVersions }: AnyClass): Fitting {
  const lines = steps.map((pose) => `- ${pose.name}`).join('\n');
  const { sequence } = parseSequence(`# Any\nminutes: ${minutes}\n${lines}`);
  const fitter = createFitter({ people, on: ON, houseView: USUAL_HOUSE_VIEW });
  return fitter.fit(sequence, { ...NO_CHOICES, fewerVersions });
}

const holds = (says: string, check: (fitting: Fitting) => void, runs = 40): void =>
  test(says, () => fc.assert(fc.property(classes.map(fitted), check), { numRuns: runs }));

/** A lane's entries at one step. */
const at = ({ steps }: Lane, step: number): LaneStep[] => steps.filter((entry) => entry.step === step);
const seconds = ({ hold, sides }: Pick<LaneStep, 'hold' | 'sides'>): number =>
  hold.seconds * Math.max(1, sides.length);

holds('the clock only goes on, and its end is what is planned', (fitting) => {
  let last = 0;
  for (const { start, end } of fitting.steps) {
    expect(start).toBe(last);
    expect(end).toBeGreaterThanOrEqual(start);
    last = end;
  }
  expect(Math.abs(fitting.minutes.planned - last / 60)).toBeLessThan(0.051);
  expect(fitting.minutes.planned).toBeLessThanOrEqual(fitting.minutes.written + 0.05);
  const over = Math.max(0, fitting.minutes.planned - fitting.minutes.asked);
  expect(Math.abs(fitting.minutes.over - over)).toBeLessThan(0.051);
});

holds('everyone does something at every step that is not left out, at its time', (fitting) => {
  for (const { step, start, end, leftOut } of fitting.steps)
    for (const lane of fitting.lanes) {
      const entries = at(lane, step);
      expect(entries.length > 0).toBe(leftOut === undefined);
      for (const entry of entries) expect(entry.clock).toEqual({ start, end });
    }
});

holds('versions and who meets are what the lanes say', (fitting) => {
  for (const { step, versions, meets } of fitting.steps) {
    const entries = fitting.lanes.flatMap((lane) => at(lane, step));
    expect(versions).toBe(new Set(entries.map(({ variant }) => variant)).size);
    expect(meets).toBe(new Set(entries.map(({ pose }) => pose)).size === 1);
  }
});

holds('nobody waits while they are the last to be done, and no wait is longer than the step', (fitting) => {
  for (const { step, start, end, leftOut } of fitting.steps) {
    if (leftOut) continue;
    const waits = fitting.lanes.map((lane) => Math.max(...at(lane, step).map((entry) => entry.waits ?? 0)));
    expect(Math.min(...waits)).toBe(0);
    for (const wait of waits) expect(wait).toBeLessThanOrEqual(end - start + 0.1);
  }
});

holds('what adds up is every second of it, counter-poses too', (fitting) => {
  for (const { steps, sums } of fitting.lanes) {
    const done = steps.flatMap((entry) => (entry.then ? [entry, entry.then] : [entry]));
    const sitting = done
      .filter(({ level }) => level === 'sitting' || level === 'chair')
      .reduce((sum, one) => sum + seconds(one), 0);
    expect(sums.sitting.total).toBe(Math.round(sitting));
    for (const { longest, total } of [sums.sitting, sums.supine, sums.kneeling, sums.headDown])
      expect(longest).toBeLessThanOrEqual(total);
  }
});

holds('who must not practise today only rests, and everyone else breaks no hard rule', (fitting) => {
  for (const lane of fitting.lanes) {
    const isStopped = lane.alerts.some(({ kind }) => kind === 'stop');
    for (const { verdict, findings, override } of lane.steps) {
      if (isStopped) expect(verdict).toBe('rest');
      if (override) continue;
      const broken = findings.filter(
        ({ on, met, level }) => on === 'chosen' && !met && (level === 'never' || level === 'limit'),
      );
      expect(broken).toEqual([]);
    }
  }
});

holds('fewer versions never cost the class more than each for themselves', ({ together }) => {
  expect(together.cost).toBeLessThanOrEqual(together.costAlone + 0.05);
});

holds('the handover sheet names whoever does something else, and nobody else', (fitting) => {
  const { sections, know } = handover(fitting, BUILT_IN);
  const steps = sections.flatMap((section) => section.steps);
  expect(steps.map(({ step }) => step)).toEqual(
    fitting.steps.filter(({ leftOut }) => !leftOut).map(({ step }) => step),
  );
  for (const { step, others } of steps) {
    const named = new Set(others.flatMap(({ people }) => people));
    const differ = fitting.lanes.filter((lane) =>
      at(lane, step).some(
        ({ verdict, override, then, waitOut }) => verdict !== 'as-written' || override || then || waitOut,
      ),
    );
    expect([...named].sort()).toEqual(differ.map(({ person }) => person).sort());
  }
  for (const { person } of know) expect(fitting.lanes.some((lane) => lane.person === person)).toBe(true);
});
