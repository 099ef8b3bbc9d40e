import { queryOptions } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { forgetReadingsOfOthers, orKept } from '../kept/keptReadings.js';
import { deliver } from '../outbox/outbox.js';
import { setOwner } from './owner.js';

/** Who is signed in, in which hall; drafts, and what waits to be sent, are hers alone. */
export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: async () => {
    const session = await orKept(keys.session, () =>
      answered<AnswerOf<'Session.current'>>(client.GET('/api/session')),
    );
    if (session.account && session.hall) {
      const owner = `${session.account.id}.${session.hall.id}`;
      setOwner(owner);
      void forgetReadingsOfOthers(owner).catch(() => undefined);
      void deliver();
    }
    return session;
  },
});
