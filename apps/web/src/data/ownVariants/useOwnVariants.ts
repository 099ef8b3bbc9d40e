import { useQuery } from '@tanstack/react-query';
import { ownVariantsQuery } from './ownVariantsQuery.js';

/** The hall's own variants; reading them puts them on the ladders. */
export const useOwnVariants = () => useQuery(ownVariantsQuery);
