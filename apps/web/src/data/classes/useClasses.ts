import { useQuery } from '@tanstack/react-query';
import { classesQuery } from './classesQuery.js';

export const useClasses = () => useQuery(classesQuery);
