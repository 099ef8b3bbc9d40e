import { useQuery } from '@tanstack/react-query';
import { sessionQuery } from './sessionQuery.js';

/** Who is signed in: inside the frame somebody is. */
export function useSession() {
  const { account, hall, halls, begin } = useQuery(sessionQuery).data!;
  return { account: account!, hall: hall!, halls, begin };
}
