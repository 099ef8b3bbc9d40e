import { readFileSync } from 'node:fs';
import { readMesh } from './body/mesh.js';
import type { Palette } from './draw/resolveColours.js';
import type { FaceLines } from './body/faceLines.js';
import type { Sculpture } from './room/stage.js';

const data = (name: string): Buffer => readFileSync(new URL(`../data/${name}`, import.meta.url));

/** The sculpted body, read from this package's files. */
export const SCULPTURE: Sculpture = {
  fine: readMesh(data('fine.bin')),
  coarse: readMesh(data('coarse.bin')),
  face: JSON.parse(data('face.json').toString()) as FaceLines,
};

const styles = readFileSync(new URL('../palette.css', import.meta.url), 'utf8');

/** The colours of the first block of a selector. */
function coloursOf(selector: string): Palette {
  const block = styles.slice(styles.indexOf(`${selector} {`)).split('}')[0]!;
  return Object.fromEntries(
    [...block.matchAll(/(--fig-[\w-]+): ([^;]+);/g)].map(([, name, value]) => [name!, value!]),
  );
}

/** The colours of figures on white paper, and in ink for black and white. */
export const PALETTES: Readonly<Record<'colour' | 'ink', Palette>> = {
  colour: { ...coloursOf(':root'), '--fig-paper': '#ffffff' },
  ink: { ...coloursOf(':root'), ...coloursOf('.fig-ink') },
};
