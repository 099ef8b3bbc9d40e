import { parseSequence } from '@lotus-steady/core';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';

/** What a title has at most, letters. */
const TITLE_MOST = 160;

/** What a sequence calls itself. */
export const titleOfSequence = ({ source, own }: { source: string; own: OwnVariants }): string =>
  parseSequence(source, ownCatalogue(own)).sequence.title.slice(0, TITLE_MOST);
