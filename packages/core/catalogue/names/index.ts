import type { Pose, Variant } from '../../src/authoring/poseWords.js';
import { NAMES_ABROAD } from './abroad.js';
import { SHORT_NAMES, VERSION_WORDS } from './short.js';

const listed = (names: string | undefined): string[] => names?.split('|') ?? [];

/** A version with other words for it, and with its own names. */
const named = (variant: Variant): Variant => {
  const words = [...(variant.words ?? []), ...listed(VERSION_WORDS[variant.id])];
  const writtenAs = [...listed(SHORT_NAMES[variant.id]), ...listed(NAMES_ABROAD[variant.id])];
  return { ...variant, words: [...new Set(words)], ...(writtenAs.length ? { writtenAs } : {}) };
};

/** Poses with what they and their versions are called beside their names. */
export const withNames = (poses: readonly Pose[]): Pose[] =>
  poses.map((pose) => ({
    ...pose,
    writtenAs: [...listed(SHORT_NAMES[pose.id]), ...listed(NAMES_ABROAD[pose.id])],
    ladder: pose.ladder.map(named) as unknown as Pose['ladder'],
  }));
