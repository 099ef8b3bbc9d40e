import { useInfiniteQuery } from '@tanstack/react-query';
import { classesQuery, type ClassesAsked } from './classesQuery.js';

export const useClasses = (when: 'coming' | 'past', asked: ClassesAsked = {}) =>
  useInfiniteQuery(classesQuery(when, asked));
