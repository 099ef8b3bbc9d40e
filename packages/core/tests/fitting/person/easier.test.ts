/** What someone may do who tires in the middle of a step: easier, and nothing that she may not do. */
import {
  createFitter,
  NO_CHOICES,
  parseSequence,
  readPeople,
  USUAL_HOUSE_VIEW,
  variantById,
  type Fitting,
  type LaneStep,
} from '../../builtIn.js';
import { CLASS_PEOPLE, CLASS_TEXTS } from '../../cases/classes.js';
import { fit, ON } from '../one.js';

const everybody = Object.entries(CLASS_PEOPLE).map(([name, person]) => ({ name, ...person }));
const { people } = readPeople(everybody, ON);
const fitter = createFitter({ people, on: ON, houseView: USUAL_HOUSE_VIEW });
const entries = ({ lanes }: Fitting) =>
  lanes.flatMap(({ personId, steps }) => steps.map((entry) => ({ personId, entry })));
const waysOf = ({ easier }: LaneStep): string[] =>
  easier ? [easier.lessFar?.variant, easier.supported, easier.rest].filter((id) => id !== undefined) : [];

test.each(Object.keys(CLASS_TEXTS) as (keyof typeof CLASS_TEXTS)[])(
  '%s: chosen by hand, none of it goes against a rule',
  (name) => {
    const { sequence } = parseSequence(CLASS_TEXTS[name]);
    const told = entries(fitter.fit(sequence));
    expect(told.filter(({ entry }) => waysOf(entry).length).length).toBeGreaterThan(told.length / 2);
    for (const way of [0, 1, 2]) {
      const overrides = told.flatMap(({ personId, entry }) => {
        const variant = waysOf(entry)[way];
        return variant
          ? [{ personId, step: entry.step, variant, holdSeconds: entry.hold.seconds, reason: 'tires' }]
          : [];
      });
      const again = fitter.fit(sequence, { ...NO_CHOICES, overrides });
      expect(again.refused).toEqual([]);
      const against = entries(again).flatMap(({ entry }) =>
        (entry.override?.breaks ?? []).map((rule) => [entry.step, entry.variant, rule]),
      );
      expect(against).toEqual([]);
    }
  },
);

test('less far is the same pose and clearly less of it; supported is a rung further down', () => {
  for (const { entry } of entries(fit(CLASS_TEXTS.mat, everybody))) {
    const { lessFar, supported } = entry.easier ?? {};
    if (lessFar) {
      const { pose, variant } = variantById(lessFar.variant);
      expect([pose.id, lessFar.says.length > 10]).toEqual([entry.pose, true]);
      expect(variant.partOf!.share).toBeLessThanOrEqual(0.75 * (entry.asFarAs?.share ?? 1) + 1e-9);
    }
    if (supported) {
      const { ladder } = variantById(entry.variant).pose;
      const rung = (id: string): number => ladder.findIndex((variant) => variant.id === id);
      const whole = variantById(entry.variant).variant.partOf?.variant ?? entry.variant;
      expect(rung(supported)).toBeGreaterThanOrEqual(0);
      expect(rung(supported)).toBeLessThan(rung(whole));
    }
  }
});

test('who sits the class out is offered nothing', () => {
  const [lane] = fit('- Tree, 20 s each side', [{ today: { signs: ['chest-pain'] } }]).lanes;
  expect(lane!.steps.flatMap(waysOf)).toEqual([]);
});
