import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { MailDraft } from '../types.js';
import { useSaving } from '../useSaving.js';

/** What is in the outbox, the latest first, and whether anything leaves it. */
export const useMail = () =>
  useQuery({
    queryKey: keys.mail,
    queryFn: () => answered<AnswerOf<'Mail.outbox'>>(client.GET('/api/mail')),
  });

/** Puts something for or about somebody into the outbox. */
export const usePutMail = (id: string) =>
  useSaving(
    (body: MailDraft) =>
      answered<AnswerOf<'Mail.put'>>(
        client.POST('/api/people/{id}/mail', { params: { path: { id } }, body }),
      ),
    keys.mail,
  );

export const useSendMail = () =>
  useSaving(
    (id: string) =>
      answered<AnswerOf<'Mail.send'>>(client.POST('/api/mail/{id}/send', { params: { path: { id } } })),
    keys.mail,
  );

export const useRemoveMail = () =>
  useSaving(
    (id: string) => answered(client.DELETE('/api/mail/{id}', { params: { path: { id } } })),
    keys.mail,
  );
