import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** Every course with its weeks, the one that begins last first. */
export const useCourses = () =>
  useQuery({
    queryKey: keys.courses,
    queryFn: () => answered<AnswerOf<'Course.list'>>(client.GET('/api/courses')),
  });
