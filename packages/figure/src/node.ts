import { readFileSync } from 'node:fs';
import { readMesh } from './body/mesh.js';
import type { FaceLines } from './body/faceLines.js';
import type { Sculpture } from './room/stage.js';

const data = (name: string): Buffer => readFileSync(new URL(`../data/${name}`, import.meta.url));

/** The sculpted body, read from this package's files. */
export const SCULPTURE: Sculpture = {
  fine: readMesh(data('fine.bin')),
  coarse: readMesh(data('coarse.bin')),
  face: JSON.parse(data('face.json').toString()) as FaceLines,
};
