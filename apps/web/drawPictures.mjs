/**
 * Run by the build: draws every version of the catalogue as a picture for lists and for cards, into
 * `public/figures/`, in a folder named by all that is in them. What was drawn before is kept by its content.
 */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { propsFor } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { drawFigure, drawMovement, mirrorScene, neutralLook } from '@lotus-steady/figure';
import { PICTURE_SIZES, pictureName, pictureOf } from '@lotus-steady/figure/pictures';
import { SCULPTURE } from '@lotus-steady/figure/node';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const FIGURE = `${ROOT}packages/figure/`;
const CACHE = `${ROOT}.cache/figures/`;
const PUBLIC = fileURLToPath(new URL('public/figures/', import.meta.url));
const THREADS = 2;

const hash = (...parts) => {
  const sum = createHash('sha256');
  for (const part of parts) sum.update(part);
  return sum.digest('hex').slice(0, 20);
};
/** What the drawing itself is made of. */
const filesOf = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(js|bin|json)$/.test(name))
    .sort()
    .map((name) => readFileSync(`${folder}${name}`));
/** Pictures are not drawn in ink: those rules stay out. */
const palette = readFileSync(`${FIGURE}palette.css`, 'utf8')
  .replace(/\.fig-ink \{[^}]*\}/, '')
  .replace(/\/\*.*?\*\/|\s*\n\s*/gs, '')
  .replace(/([:{]) /g, '$1');
const ENGINE = hash(palette, ...filesOf(`${FIGURE}dist/`), ...filesOf(`${FIGURE}data/`));

/** Everything that is drawn: its scenes, the size, and the name of the file. */
function* pictures() {
  const all = [
    ...BUILT_IN.poses.flatMap((pose) => pose.ladder.map((variant) => [variant, pose.id, Boolean(pose.side)])),
    ...BUILT_IN.ways.map(({ variant }) => [variant, variant.id, false]),
  ];
  for (const [variant, pose, sided] of all) {
    const { postures, heightCm } = BUILT_IN.postures(variant.id, 165);
    const scenes = postures.map((posture) => ({
      posture,
      heightCm,
      look: neutralLook(pose),
      props: propsFor(variant, heightCm),
      view: variant.view,
      eyesClosed: variant.declared.eyesClosed,
    }));
    const shown = [
      ...scenes.map((scene, i) => [i, [scene]]),
      ...(scenes.length > 1 ? [['move', scenes]] : []),
    ];
    for (const [frame, of] of shown)
      for (const left of sided ? [false, true] : [false])
        for (const size of Object.keys(PICTURE_SIZES))
          yield { size, name: pictureName(variant.id, frame, left), scenes: left ? of.map(mirrorScene) : of };
  }
}

const keyOf = ({ size, scenes }) => hash(ENGINE, size, JSON.stringify(scenes));

function draw({ size, scenes }) {
  const frame = PICTURE_SIZES[size];
  const markup =
    scenes.length > 1 ? drawMovement(scenes, frame, SCULPTURE) : drawFigure(scenes[0], frame, SCULPTURE);
  return pictureOf(markup, frame, palette);
}

if (!isMainThread) {
  let i = 0;
  for (const picture of pictures()) {
    if (i++ % THREADS !== workerData) continue;
    const file = `${CACHE}${keyOf(picture)}.svg`;
    if (!existsSync(file)) writeFileSync(file, draw(picture));
  }
  parentPort.postMessage('done');
} else {
  mkdirSync(CACHE, { recursive: true });
  await Promise.all(
    Array.from(
      { length: THREADS },
      (_, workerIndex) =>
        new Promise((resolve, reject) => {
          const worker = new Worker(fileURLToPath(import.meta.url), { workerData: workerIndex });
          worker.on('message', resolve).on('error', reject);
        }),
    ),
  );
  const all = [...pictures()].map((picture) => ({ ...picture, key: keyOf(picture) }));
  const version = hash(...all.map(({ size, name, key }) => size + name + key)).slice(0, 10);
  if (!existsSync(`${PUBLIC}${version}`)) {
    rmSync(PUBLIC, { recursive: true, force: true });
    for (const size of Object.keys(PICTURE_SIZES))
      mkdirSync(`${PUBLIC}${version}/${size}`, { recursive: true });
    for (const { size, name, key } of all)
      writeFileSync(`${PUBLIC}${version}/${size}/${name}`, readFileSync(`${CACHE}${key}.svg`));
  }
  // Pictures of what is not drawn any more.
  const used = new Set(all.map(({ key }) => `${key}.svg`));
  for (const name of readdirSync(CACHE)) if (!used.has(name)) rmSync(`${CACHE}${name}`);
}
