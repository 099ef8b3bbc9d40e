/** Run by the build: lays a Brotli and a gzip copy beside every file that gets smaller by it. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { extname, join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const FOLDER = new URL('dist/', import.meta.url).pathname;
const SMALLER = new Set(['.js', '.css', '.html', '.svg', '.bin', '.json']);
/** The whole of the largest file is in sight, bytes as a power of two. */
const WINDOW = 24;

for (const name of readdirSync(FOLDER, { recursive: true, encoding: 'utf8' })) {
  if (!SMALLER.has(extname(name))) continue;
  const bytes = readFileSync(join(FOLDER, name));
  writeFileSync(join(FOLDER, `${name}.gz`), gzipSync(bytes, { level: 9 }));
  // Thousands of small pictures would take a minute, and gain next to nothing.
  if (name.startsWith('figures/')) continue;
  const params = {
    [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
    [constants.BROTLI_PARAM_LGWIN]: WINDOW,
    [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
  };
  writeFileSync(join(FOLDER, `${name}.br`), brotliCompressSync(bytes, { params }));
}
