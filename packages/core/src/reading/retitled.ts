import type { Known } from './plan.js';
import { readPlan } from './readPlan.js';

/**
 * A plan that is called something else; all else of the text stays as it is written.
 *
 * @example retitled('# Tides\n- Tree', 'Tides, copy', known) // '# Tides, copy\n- Tree'
 */
export function retitled(source: string, title: string, known: Known): string {
  const said = readPlan(source, known).parts.find(({ kind }) => kind === 'title');
  return said ? `${source.slice(0, said.from)}# ${title}${source.slice(said.to)}` : `# ${title}\n${source}`;
}
