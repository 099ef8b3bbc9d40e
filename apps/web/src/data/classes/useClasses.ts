import { useInfiniteQuery } from '@tanstack/react-query';
import { classesQuery } from './classesQuery.js';

export const useClasses = (when: 'coming' | 'past') => useInfiniteQuery(classesQuery(when));
