import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const usePeople = () =>
  useQuery({
    queryKey: keys.people,
    queryFn: () => answered<AnswerOf<'Person.list'>>(client.GET('/api/people')),
  });
