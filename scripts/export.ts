/**
 * `npm run --silent export -- catalogue` or `-- rulebook`: prints the built-in data as JSON; its schema is
 * in docs/formats.
 */
import { exportCatalogue, exportRulebook } from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';

const WHAT: Readonly<Record<string, () => unknown>> = {
  catalogue: () => exportCatalogue(BUILT_IN),
  rulebook: () => exportRulebook(RULEBOOK),
};
const what = process.argv[2] ?? '';
const print = WHAT[what];
if (!print) {
  console.error(
    `Say what to print: ${Object.keys(WHAT).join(', ')}. For example: npm run --silent export -- catalogue`,
  );
  process.exitCode = 2;
} else process.stdout.write(`${JSON.stringify(print(), null, 1)}\n`);
