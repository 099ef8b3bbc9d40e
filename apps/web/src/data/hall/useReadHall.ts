import { useQuery } from '@tanstack/react-query';
import { hallQuery } from './hallQuery.js';

/**
 * Reads the hall, which is done before the first screen is drawn: a screen that did not know it would judge
 * by what is usual and keep that over what the hall decided.
 */
export const useReadHall = () => useQuery(hallQuery);
