import type { Evidence } from '@lotus-steady/core';

const KINDS: Readonly<Record<Evidence['kind'], string>> = {
  published: 'published',
  'common-practice': 'common practice',
  memory: 'from memory',
};

/** A source's short name; empty where common practice is all there is. */
const shortName = (source: string): string =>
  source.startsWith('common practice') ? '' : source.split(/[,;] from memory|; /)[0]!;

/** Which kind of evidence stands behind a rule or a position, and the short name of its source. */
export function Cited({ evidence: { kind, source } }: { evidence: Pick<Evidence, 'kind' | 'source'> }) {
  const name = shortName(source);
  return (
    <>
      <b className="text-indigo">{KINDS[kind]}</b>
      {name && `: ${name}`}
    </>
  );
}

/** The same in full, with what the source found: once, on the rule's own page. */
export function CitedInFull({ evidence: { kind, source, found } }: { evidence: Evidence }) {
  const whole = source.startsWith('common practice, no') ? '' : source;
  return (
    <>
      <b className="text-indigo">{KINDS[kind]}</b>
      {whole && `: ${whole.replace(/\bfrom memory/, 'cited from memory')}`}
      {found && <span className="block text-soft">{found}</span>}
    </>
  );
}
