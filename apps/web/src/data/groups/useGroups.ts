import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';

/** All groups of the hall, in the order of the week. */
export const useGroups = ({ enabled = true }: { enabled?: boolean } = {}) =>
  useQuery({
    queryKey: keys.groups,
    enabled,
    queryFn: () => answered<AnswerOf<'Group.list'>>(client.GET('/api/groups')),
  });
