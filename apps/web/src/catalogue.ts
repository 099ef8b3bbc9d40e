import { BUILT_IN, withOwn, type Build, type Catalogue, type OwnVariant } from '@lotus-steady/core';

let current: Catalogue = BUILT_IN;

/** The catalogue that screens look things up in: the built-in one with the hall's own variants. */
export const catalogue = (): Catalogue => current;

/** Puts the hall's own variants on the ladders. */
export function showOwn(own: readonly OwnVariant[]): void {
  current = withOwn(own);
}

export const variantById = (id: string) => current.variant(id);
export const posturesFor = (id: string, heightCm: number, build?: Build) =>
  current.postures(id, heightCm, build);
