/** Views: what each shows, and that what it hides is known. */
import { HIDDEN_PARTS } from '../../core/catalogue/views/hidden.js';
import { KEPT_VIEWS } from '../../core/catalogue/views/kept.js';
import { MEASURED_VIEWS } from '../../core/catalogue/views/measured.js';
import { hiddenIn, measureView, secondView, stageOf } from '../src/index.js';
import { SCULPTURE } from '../src/node.js';
import { scenesOf, VARIANTS } from './scenes.js';

const stagesOf = (id: string) => scenesOf(id).map((scene) => stageOf(scene, SCULPTURE.coarse));

test.each(VARIANTS.map(({ id }) => id))(
  '%s: head, hands, feet and knees are seen, or known to be hidden',
  (id) => {
    const { regions } = measureView(stagesOf(id), scenesOf(id)[0]!.view);
    expect(hiddenIn(regions)).toEqual(HIDDEN_PARTS[id] ?? []);
  },
);

test('most of a body is seen in nearly every view: no head is hidden, and hardly a pair of feet', () => {
  const hidden = Object.values(HIDDEN_PARTS);
  expect(hidden.filter((parts) => parts.includes('head'))).toEqual([]);
  expect(hidden.filter((parts) => parts.includes('footR') && parts.includes('footL')).length).toBeLessThan(3);
  expect(hidden.length / VARIANTS.length).toBeLessThan(0.25);
});

test('an author who overrules the measure is heard', () => {
  for (const start of Object.keys(KEPT_VIEWS)) {
    expect(VARIANTS.some(({ id }) => id.startsWith(start))).toBe(true);
    expect(Object.keys(MEASURED_VIEWS).filter((id) => id.startsWith(start))).toEqual([]);
  }
});

test('a second view comes from well round, and shows what the first hides', () => {
  const hiding = Object.entries(HIDDEN_PARTS).filter((_, i) => i % 12 === 0);
  let shown = 0;
  for (const [id, parts] of hiding) {
    const { view } = scenesOf(id)[0]!;
    const second = secondView(stagesOf(id), view);
    expect(Math.abs(((second[0] - view[0] + 540) % 360) - 180)).toBeGreaterThanOrEqual(50);
    const { regions } = measureView(stagesOf(id), second);
    if (parts.every((part) => !hiddenIn(regions).includes(part))) shown++;
  }
  expect(shown / hiding.length).toBeGreaterThan(0.8);
});
