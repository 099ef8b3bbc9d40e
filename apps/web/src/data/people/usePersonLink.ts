import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

const to = (id: string) => ({ params: { path: { id } } });

/** Whether somebody has a private link, and until when. */
export const usePersonLink = (id: string) =>
  useQuery({
    queryKey: keys.personLink(id),
    queryFn: () => answered<AnswerOf<'PersonLink.linkOf'>>(client.GET('/api/people/{id}/link', to(id))),
  });

export const useMakePersonLink = (id: string) =>
  useSaving(
    () => answered<AnswerOf<'PersonLink.makeLink'>>(client.POST('/api/people/{id}/link', to(id))),
    keys.personLink(id),
  );

export const useEndPersonLink = (id: string) =>
  useSaving(() => answered(client.DELETE('/api/people/{id}/link', to(id))), keys.personLink(id));

/** What somebody wrote of herself. */
export const useDiary = (id: string) =>
  useQuery({
    queryKey: keys.diary(id),
    queryFn: () => answered<AnswerOf<'PersonLink.diaryOf'>>(client.GET('/api/people/{id}/diary', to(id))),
  });
