import { queryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { setDraftsOf } from '../drafts/drafts.js';
import { keys } from '../keys.js';

/** Who is signed in, in which hall; drafts are hers alone. */
export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: async () => {
    const session = await answered<AnswerOf<'Session.current'>>(client.GET('/api/session'));
    if (session.account && session.hall) setDraftsOf(`${session.account.id}.${session.hall.id}`);
    return session;
  },
});
