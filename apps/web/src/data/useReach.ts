import { useSyncExternalStore } from 'react';
import { isAnswered, onReach } from './reach.js';

/** Whether the hall's computer answered when it was last asked. */
export const useReach = (): boolean => useSyncExternalStore(onReach, isAnswered);
