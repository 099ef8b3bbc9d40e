/**
 * `npm run contract [-- --check]`: writes the types of the API, as the server's DTO classes describe it, for the
 * web's client. With `--check` nothing is written: it fails where the file is not what it would write.
 */
import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import openapiTypescript, { astToString, type SchemaObject } from 'openapi-typescript';
import { format, resolveConfig } from 'prettier';
import ts from 'typescript';

const FILE = 'apps/web/src/data/contract.ts';
const NOTE = '/** Written by `npm run contract` from the server’s DTO classes; do not edit. */\n';
/** Types that the core has no name for. */
const OTHERS: Readonly<Record<string, string>> = {
  OwnPace: 'Partial<Pace>',
  WrittenCondition: '{ condition: string; [detail: string]: unknown }',
};

const document: unknown = JSON.parse(
  execFileSync(process.execPath, ['apps/server/dist/writeOpenApi.js'], {
    encoding: 'utf8',
    maxBuffer: 1 << 26,
  }),
);
const fromCore = new Set<string>(['Pace']);
const ast = await openapiTypescript(document as never, {
  transform(schema: SchemaObject) {
    const name = (schema as { 'x-core-type'?: string })['x-core-type'];
    if (!name) return undefined;
    if (!OTHERS[name]) fromCore.add(name);
    return ts.factory.createTypeReferenceNode(OTHERS[name] ?? name);
  },
});
const imports = `import type { ${[...fromCore].sort().join(', ')} } from '@lotus-steady/core';\n\n`;
const options = { ...(await resolveConfig(FILE)), parser: 'typescript' } as const;
const text = await format(`${NOTE}${imports}${astToString(ast)}`, options);
if (!process.argv.includes('--check')) writeFileSync(FILE, text);
else if (!existsSync(FILE) || readFileSync(FILE, 'utf8') !== text) {
  console.error(`${FILE} is not what the server says. Run: npm run contract`);
  process.exitCode = 1;
}
