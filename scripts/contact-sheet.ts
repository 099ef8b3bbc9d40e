/**
 * `npm run sheet [-- words --dark --ink --small --blind 120 --seed 7]`: every variant as a figure with its misfit and
 * main measures, to look at, page by page. Small is the 96 pixels of a list; blind shows so many at random without
 * names, and writes the answers apart. Writes .cache/sheet-1.html, and, where Chromium is at hand, .cache/sheet-1.png
 * and so on.
 */
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { measureShape, solveShape, type Variant } from '@lotus-steady/core/solving';
import { drawFigure, drawMovement, neutralLook, type FigureScene } from '@lotus-steady/figure';
import { SCULPTURE } from '@lotus-steady/figure/node';
import { CATALOGUE_DATA } from '../packages/core/catalogue/poseData.js';

const { values, positionals: wanted } = parseArgs({
  allowPositionals: true,
  options: {
    dark: { type: 'boolean' },
    ink: { type: 'boolean' },
    small: { type: 'boolean' },
    blind: { type: 'string' },
    seed: { type: 'string', default: '1' },
  },
});
const { dark, ink, small, blind } = values;
const [width, height, columns] = small ? ([96, 84, 14] as const) : ([180, 154, 8] as const);
const ON_PAGE = columns * (small ? 12 : 7);
const palette = readFileSync('packages/figure/palette.css', 'utf8');

/** More of a misfit than this is said on the tile: degrees, or cm. */
const MISFIT_MOST: Readonly<Record<string, number>> = { tilt: 3, limit: 3, point: 2.5 };
const tiles: string[] = [];
const rows: string[] = [];
/** A figure in its frame, with a line under it. */
const tile = (svg: string, caption: string): string =>
  `<figure${ink ? ' class="fig-ink"' : ''}><svg width="${width}" height="${height}" viewBox="0 0 ${width} ` +
  `${height}">${svg}</svg><figcaption>${caption}</figcaption></figure>`;
const size = { width, height, margin: width < 130 ? 4 : 8 };

function each(variant: Variant, pose: string): void {
  const scenes: FigureScene[] = [];
  const misfits: string[] = [];
  variant.frames.forEach((shape, i) => {
    const started = performance.now();
    const solved = solveShape(shape, variant.props);
    const ms = performance.now() - started;
    const m = measureShape(solved, variant);
    scenes.push({
      posture: solved.posture,
      heightCm: 165,
      look: neutralLook(pose),
      props: variant.props,
      view: variant.view,
      eyesClosed: variant.declared.eyesClosed,
    });
    const bad = Object.entries(solved.misfit)
      .filter(([kind, value]) => value > (MISFIT_MOST[kind] ?? 1))
      .map(([kind, value]) => `${kind} ${value.toFixed(1)}`)
      .join(' ');
    misfits.push(bad);
    const n = (value: number, digits = 0): string => value.toFixed(digits).padStart(5);
    rows.push(
      [
        `${variant.id} ${i}`.padEnd(42),
        n(ms),
        n(m.headBelowHeart, 1),
        n(m.eyesBelowHeart, 1),
        n(m.lumbarFlexion),
        n(m.lumbarExtension),
        n(m.thoracicFlexion),
        n(m.thoracicExtension),
        n(m.neckFlexion),
        n(m.neckExtension),
        n(m.handsShare, 2),
        n(m.neckShare, 2),
        n(m.kneesShare, 2),
        n(m.feetShare, 2),
        n(m.balanceMargin, 1),
        `inv${m.inverted} one${m.oneLeg} sup${m.supine}`,
        n(m.feetApart, 1),
        'hipR',
        n(m.hipFlexionRight),
        n(m.hipAbductionRight),
        'hipL',
        n(m.hipFlexionLeft),
        n(m.hipExtensionLeft),
        n(m.hipAbductionLeft),
        'sh',
        n(m.shoulderFlexionRight),
        n(m.shoulderAbductionRight),
        n(m.shoulderExtensionRight),
        'kn',
        n(m.kneeFlexionRight),
        n(m.kneeFlexionLeft),
        bad,
      ].join(' '),
    );
  });
  const prefix = `s${tiles.length}-`;
  const svg =
    scenes.length > 1
      ? drawMovement(scenes, size, SCULPTURE, prefix)
      : drawFigure(scenes[0]!, size, SCULPTURE, prefix);
  tiles.push(tile(svg, `${variant.id}<b>${misfits.filter(Boolean).join(', ')}</b>`));
}

const all: [Variant, string][] = [
  ...CATALOGUE_DATA.poses.flatMap((pose) =>
    pose.ladder.map((variant): [Variant, string] => [variant, pose.id]),
  ),
  ...CATALOGUE_DATA.ways.map(({ variant }): [Variant, string] => [variant, variant.id]),
];
/** So many of them in an order that a seed gives (a linear congruential generator: Numerical Recipes). */
function atRandom(list: readonly [Variant, string][], count: number, seed: number): [Variant, string][] {
  const left = [...list];
  let state = seed >>> 0;
  return Array.from({ length: Math.min(count, left.length) }, () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return left.splice(Math.floor((state / 2 ** 32) * left.length), 1)[0]!;
  });
}
const poses = CATALOGUE_DATA.poses.length;
const asked = wanted.length ? all.filter(([{ id }]) => wanted.some((word) => id.includes(word))) : all;
const shown = blind
  ? atRandom(all.slice(0, -CATALOGUE_DATA.ways.length), Number(blind), Number(values.seed))
  : asked;
for (const [variant, pose] of shown) each(variant, pose);

mkdirSync('.cache', { recursive: true });
for (const old of readdirSync('.cache')) if (/^sheet-\d+\.(html|png)$/.test(old)) rmSync(`.cache/${old}`);
if (blind) {
  // Names apart, by number.
  writeFileSync('.cache/sheet-answers.txt', shown.map(([{ id }], i) => `${i + 1} ${id}`).join('\n'));
  tiles.forEach((one, i) => {
    tiles[i] = one.replace(/<figcaption>.*<\/figcaption>/, `<figcaption>${i + 1}</figcaption>`);
  });
} else {
  console.log(
    'variant'.padEnd(42),
    '   ms  ear  eyes lumF  lumE  thoF  thoE  neF   neE  hand  neck  knee  feet  marg',
  );
  console.log(rows.join('\n'));
}
for (let page = 0; page * ON_PAGE < tiles.length; page++) {
  const file = `.cache/sheet-${page + 1}`;
  const here = tiles.slice(page * ON_PAGE, (page + 1) * ON_PAGE);
  writeFileSync(
    `${file}.html`,
    `<meta charset="utf-8"><style>${palette}` +
      `body{margin:0;background:${dark ? '#141e1e' : '#fff'};color:${dark ? '#eee' : '#223'};` +
      `display:grid;grid-template-columns:repeat(${columns},${width + 6}px);gap:4px;` +
      `font:11px sans-serif;overflow-wrap:anywhere}` +
      `figure{margin:0;background:var(--fig-paper);border-radius:8px;position:relative}figcaption{padding:0 ` +
      `6px 4px}b{color:#b5573a;display:block}</style>${here.join('')}`,
  );
  if (!existsSync('/usr/bin/chromium')) continue;
  execFileSync(
    '/usr/bin/chromium',
    [
      '--headless',
      '--no-sandbox',
      '--hide-scrollbars',
      `--blink-settings=preferredColorScheme=${dark ? 0 : 1}`,
      '--disable-gpu',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--window-size=${columns * (width + 10)},${Math.ceil(here.length / columns) * (height + 34) + 10}`,
      `--screenshot=${file}.png`,
      `file://${process.cwd()}/${file}.html`,
    ],
    { stdio: 'ignore' },
  );
}
console.log(
  `${shown.length} of ${all.length} versions of ${poses} poses on ${Math.ceil(tiles.length / ON_PAGE)} pages.`,
);
