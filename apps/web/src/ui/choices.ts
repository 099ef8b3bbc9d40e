/** What a list of many offers: found by what is typed, under headings. */

/** One of many to choose from. `words`: what it may also be called; `group`: the heading it stands under. */
export interface Choice {
  value: string;
  label: string;
  group?: string;
  words?: readonly string[];
}

const plain = (text: string): string => text.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');

/**
 * The choices in which every typed word is found somewhere, whatever its case and marks; all of them where
 * nothing is typed.
 *
 * @example matchingChoices([{ value: 'a', label: 'Vṛkṣāsana', words: ['tree'] }], 'vrks') // the tree
 */
export function matchingChoices(choices: readonly Choice[], typed: string): readonly Choice[] {
  const asked = plain(typed).split(/\s+/).filter(Boolean);
  if (!asked.length) return choices;
  return choices.filter(({ label, words = [] }) => {
    const names = [label, ...words].map(plain);
    return asked.every((word) => names.some((name) => name.includes(word)));
  });
}

/** Headings in the order in which they first come, each with its choices. */
export function groupedChoices(choices: readonly Choice[]): (readonly [string, readonly Choice[]])[] {
  const groups = new Map<string, Choice[]>();
  for (const choice of choices) {
    const group = choice.group ?? '';
    groups.set(group, [...(groups.get(group) ?? []), choice]);
  }
  return [...groups];
}
