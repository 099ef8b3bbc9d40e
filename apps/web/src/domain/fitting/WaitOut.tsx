import type { Group } from './groupLanes.js';

/**
 * What those who are done early do meanwhile, where staying in the shape would add to what is limited for
 * them.
 */
export function WaitOut({ people, names }: { people: Group['people']; names: ReadonlyMap<string, string> }) {
  const outs = new Map<string, string[]>();
  for (const {
    name,
    entry: { waitOut },
  } of people)
    if (waitOut) outs.set(waitOut, [...(outs.get(waitOut) ?? []), names.get(name)!]);
  return [...outs].map(([says, own]) => (
    <span key={says} className="block text-sm leading-tight">
      {own.length < people.length ? `${own.join(', ')}: ` : ''}
      {says}
    </span>
  ));
}
