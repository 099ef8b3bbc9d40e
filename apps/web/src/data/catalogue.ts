import type { Build, Catalogue, Way } from '@lotus-steady/core';

let current: Catalogue | undefined;

/**
 * The catalogue that screens look things up in: the built-in one with the hall's own variants.
 *
 * @throws where it has not been read: the route of a screen that shows poses waits for it
 */
export function catalogue(): Catalogue {
  if (!current) throw new Error('The catalogue of poses has not been loaded.');
  return current;
}

/** From now on screens look things up in this one. */
export function showCatalogue(catalogue: Catalogue): void {
  current = catalogue;
}

/** What a pose is called, also on screens that do not wait for the catalogue. */
export const poseName = (id: string): string => current?.poseName(id) ?? id.replaceAll('-', ' ');

/** A way between levels. @throws RangeError for one that is not in the catalogue */
export function wayById(id: string): Way {
  const found = catalogue().ways.find((way) => way.id === id);
  if (!found) throw new RangeError(`No way "${id}".`);
  return found;
}
export const variantById = (id: string) => catalogue().variant(id);
export const posturesFor = (id: string, heightCm: number, build?: Build) =>
  catalogue().postures(id, heightCm, build);
