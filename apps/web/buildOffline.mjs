/** Run by the build: makes the worker that keeps the program on a device, with the list of files it keeps. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';

const ROOT = fileURLToPath(new URL('.', import.meta.url));
const DIST = `${ROOT}dist/`;
/** Readers of files that are brought from elsewhere, and letters in a form that no browser of today asks for. */
const NOT_KEPT = /pdf|\.woff$|^lib-/i;

const assets = readdirSync(`${DIST}assets`)
  .filter((name) => !NOT_KEPT.test(name))
  .map((name) => ({ url: `/assets/${name}`, revision: null }));
const plain = ['index.html', 'mark.svg'].map((name) => ({
  url: `/${name}`,
  revision: createHash('sha256')
    .update(readFileSync(`${DIST}${name}`))
    .digest('hex')
    .slice(0, 16),
}));

await build({
  configFile: false,
  root: ROOT,
  publicDir: false,
  logLevel: 'warn',
  define: {
    __PRECACHE__: JSON.stringify([...plain, ...assets]),
    'process.env.NODE_ENV': '"production"',
  },
  build: {
    emptyOutDir: false,
    rollupOptions: {
      input: `${ROOT}src/offline/sw.ts`,
      output: { entryFileNames: 'sw.js', format: 'iife' },
    },
  },
});
