/**
 * `npm run sheet [-- words --dark --small]`: every variant as a figure with its misfit and main measures,
 * to look at; small is the 96 pixels of a list. Writes .cache/sheet.html and, where Chromium is at hand,
 * .cache/sheet.png.
 */
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { measureShape, solveShape, type Variant } from '@lotus-steady/core/solving';
import { CATALOGUE_DATA } from '../packages/core/catalogue/poseData.js';
import { drawFigure } from '../apps/web/src/domain/figure/drawFigure.js';

const words = process.argv.slice(2);
const dark = words.includes('--dark');
const [width, height, columns] = words.includes('--small')
  ? ([96, 84, 14] as const)
  : ([200, 170, 7] as const);
const wanted = words.filter((word) => !word.startsWith('--'));
const palette = readFileSync('apps/web/src/domain/figure/palette.css', 'utf8');

/** More of a misfit than this is said on the tile: degrees, or cm. */
const MISFIT_MOST: Readonly<Record<string, number>> = { tilt: 3, limit: 3, point: 2.5 };
const tiles: string[] = [];
const rows: string[] = [];
const each = (variant: Variant): void =>
  variant.frames.forEach((shape, i) => {
    const started = performance.now();
    const solved = solveShape(shape, variant.props);
    const ms = performance.now() - started;
    const m = measureShape(solved, variant);
    const svg = drawFigure(
      { posture: solved.posture, heightCm: 165, props: variant.props, view: variant.view },
      { width, height, margin: width < 130 ? 4 : 8 },
    );
    const bad = Object.entries(solved.misfit)
      .filter(([kind, value]) => value > (MISFIT_MOST[kind] ?? 1))
      .map(([kind, value]) => `${kind} ${value.toFixed(1)}`)
      .join(' ');
    const part = variant.frames.length > 1 ? ` ${i + 1}` : '';
    tiles.push(
      `<figure><svg width="${width}" height="${height}" viewBox="0 0 ${width} ` +
        `${height}">${svg}</svg><figcaption>${variant.id}${part}<b>${bad}</b></figcaption></figure>`,
    );
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
for (const variant of [
  ...CATALOGUE_DATA.poses.flatMap((pose) => pose.ladder),
  ...CATALOGUE_DATA.ways.map((way) => way.variant),
])
  if (!wanted.length || wanted.some((word) => variant.id.includes(word))) each(variant);
console.log(
  'variant'.padEnd(42),
  '   ms  ear  eyes lumF  lumE  thoF  thoE  neF   neE  hand  neck  knee  feet  marg',
);
console.log(rows.join('\n'));
mkdirSync('.cache', { recursive: true });
writeFileSync(
  '.cache/sheet.html',
  `<meta charset="utf-8"><style>${palette}` +
    `body{margin:0;background:${dark ? '#141e1e' : '#fff'};color:${dark ? '#eee' : '#223'};` +
    `display:grid;grid-template-columns:repeat(${columns},${width + 6}px);gap:4px;` +
    `font:11px sans-serif;overflow-wrap:anywhere}` +
    `figure{margin:0;background:var(--fig-paper);border-radius:8px;position:relative}figcaption{padding:0 ` +
    `6px 4px}b{color:#b5573a;display:block}</style>${tiles.join('')}`,
);
if (existsSync('/usr/bin/chromium')) {
  execFileSync(
    '/usr/bin/chromium',
    [
      '--headless',
      '--no-sandbox',
      `--blink-settings=preferredColorScheme=${dark ? 0 : 1}`,
      '--disable-gpu',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--window-size=${columns * (width + 10)},${Math.ceil(tiles.length / columns) * (height + 44) + 40}`,
      '--screenshot=.cache/sheet.png',
      `file://${process.cwd()}/.cache/sheet.html`,
    ],
    { stdio: 'ignore' },
  );
}
