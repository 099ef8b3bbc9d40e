import { useQuery } from '@tanstack/react-query';
import { personQuery } from './personQuery.js';

export const usePerson = (id: string) => useQuery(personQuery(id));
