import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const useClasses = () =>
  useQuery({
    queryKey: keys.classes,
    queryFn: () => answered<AnswerOf<'Class.list'>>(client.GET('/api/classes')),
  });
