/** What is asked, drawn on a figure. */
import { buildBody, completePosture } from '@lotus-steady/core/body';
import { cameraOf, drawFigure, drawMarks, pageFor, stageOf, type Mark } from '../src/index.js';
import { SCULPTURE } from '../src/node.js';
import { scenesOf } from './scenes.js';

const posture = completePosture({ y: 87.45, kneeR: 90, hipR: [90, 0, 0] });
const scene = { posture, heightCm: 165, props: [], view: [0, 0] as const };
const stage = stageOf(scene, SCULPTURE.coarse);
const page = pageFor([stage], cameraOf(scene.view), { width: 400, height: 400 });
const body = buildBody(posture, 165);
const drawn = (...marks: Mark[]): string => drawMarks(marks, body, page);

test.each<[Mark, string]>([
  [{ kind: 'bend', joint: 'kneeR', degrees: 90.4 }, '90°'],
  [{ kind: 'bend', joint: 'hipR', degrees: 89.6 }, '90°'],
  [{ kind: 'bend', joint: 'lowBack', degrees: 12 }, '12°'],
  [{ kind: 'load', at: 'soleMidL', share: 0.5 }, '50%'],
  [{ kind: 'level', at: 'ear', belowHeartCm: -32.4 }, '32 cm'],
  [{ kind: 'turn', degrees: 38 }, '38°'],
])('%j says %s', (mark, words) => {
  expect(drawn(mark)).toContain(`>${words}<`);
  expect(drawn(mark)).not.toMatch(/NaN|undefined|style=/);
});

test('a spot has no number', () => expect(drawn({ kind: 'spot', at: 'belly' })).not.toContain('<text'));

test('an arrow is as wide as the share of the weight it stands for', () => {
  const wide = (share: number): number =>
    Number(/stroke-width="([\d.]+)"/.exec(drawn({ kind: 'load', at: 'kneeR', share }))![1]);
  expect(wide(0.8)).toBeGreaterThan(wide(0.2) * 1.5);
});

test('the arc of a bent knee turns through the angle that it names', () => {
  // From the side a right angle is drawn as one.
  const [, arc] = [...drawn({ kind: 'bend', joint: 'kneeR', degrees: 90 }).matchAll(/ d="M([^"]*)"/g)].map(
    ([, d]) => d!.split('L').map((point) => point.split(' ').map(Number) as [number, number]),
  );
  const knee = page.onPage(body.frames.shankR!.origin);
  const angle = ([x, y]: [number, number]): number => Math.atan2(y - knee[1], x - knee[0]);
  const swept = Math.abs(angle(arc!.at(-1)!) - angle(arc![0]!)) * (180 / Math.PI);
  expect(Math.min(swept, 360 - swept)).toBeCloseTo(90, 0);
});

test('marks lie on top of the figure, within its frame', () => {
  const [one] = scenesOf('warrior-two.full');
  const svg = drawFigure(one!, { width: 400, height: 340 }, SCULPTURE, 'f', [
    { kind: 'bend', joint: 'kneeR', degrees: 63 },
    { kind: 'load', at: 'ballR', share: 0.5 },
  ]);
  expect(svg.lastIndexOf('<text')).toBeGreaterThan(svg.lastIndexOf('--fig-shadow'));
  for (const [, x, y] of svg.matchAll(/<text x="([\d.-]+)" y="([\d.-]+)"/g)) {
    expect(Number(x)).toBeGreaterThan(0);
    expect(Number(x)).toBeLessThan(400);
    expect(Number(y)).toBeGreaterThan(0);
    expect(Number(y)).toBeLessThan(340);
  }
});
