import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

export const useCourse = (id: string) =>
  useQuery({
    queryKey: keys.course(id),
    staleTime: 0,
    queryFn: () =>
      answered<AnswerOf<'Course.one'>>(client.GET('/api/courses/{id}', { params: { path: { id } } })),
  });
