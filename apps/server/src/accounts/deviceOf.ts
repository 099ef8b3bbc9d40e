import type { FastifyRequest } from 'fastify';

const BROWSERS: readonly (readonly [part: RegExp, name: string])[] = [
  [/\bEdg/, 'Edge'],
  [/\bFirefox\//, 'Firefox'],
  [/Chrom(e|ium)\//, 'Chromium'],
  [/\bSafari\//, 'Safari'],
];
const SYSTEMS: readonly (readonly [part: RegExp, name: string])[] = [
  [/iPad/, 'iPad'],
  [/iPhone/, 'iPhone'],
  [/Android/, 'Android'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'a Mac'],
  [/Linux|CrOS/, 'Linux'],
];

/**
 * A device in words by which its owner knows it again.
 *
 * @example deviceOf(request) // 'Firefox on Linux'
 */
export function deviceOf({ headers }: FastifyRequest): string {
  const agent = headers['user-agent'] ?? '';
  const named = (list: typeof BROWSERS): string | undefined => list.find(([part]) => part.test(agent))?.[1];
  const [browser, system] = [named(BROWSERS), named(SYSTEMS)];
  return browser || system ? `${browser ?? 'A browser'} on ${system ?? 'something'}` : 'Another program';
}
