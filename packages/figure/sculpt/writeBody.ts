/** `npm run sculpt`: makes the body's surface from its fields, and writes it and what lies on the face. */
import { writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { buildMesh } from './buildMesh.js';
import { CELLS } from './cells.js';
import { faceLines } from './faceLines.js';
import { packMesh } from './packMesh.js';

const folder = new URL('../data/', import.meta.url);
for (const [name, cells] of Object.entries(CELLS)) {
  const mesh = buildMesh(cells);
  const bytes = packMesh(mesh);
  writeFileSync(new URL(`${name}.bin`, folder), bytes);
  console.log(
    `${name}: ${mesh.positions.length} corners and ${mesh.triangles.length} triangles of half a body, ` +
      `${(gzipSync(bytes).length / 1000).toFixed(1)} kB compressed`,
  );
}
writeFileSync(new URL('face.json', folder), `${JSON.stringify(faceLines())}\n`);
