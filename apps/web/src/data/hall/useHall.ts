import type { Hall } from '../types.js';
import { useReadHall } from './useReadHall.js';

/** The hall, on every screen inside the frame, which waits for it. */
export const useHall = (): Hall => useReadHall().data!;
