import { useCallback, useEffect, useRef } from 'react';
import { useLocation, useNavigate, useSearchParams } from 'react-router';

/** What stands behind an address, in the browser's own history. */
interface Behind {
  sought?: string;
}

/**
 * What is chosen on a screen, kept in its address, and the words that are sought there, kept behind it: with the place
 * in the browser's history and to be read in no address, as they may be somebody's health. Choices that are made before
 * the address has changed with the one before are kept too; an empty one is left out.
 */
export function useAddress(): [
  chosen: URLSearchParams,
  choose: (changed: Readonly<Record<string, string>>) => void,
  sought: string,
  seek: (words: string) => void,
] {
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const { sought = '' } = (useLocation().state ?? {}) as Behind;
  const latest = useRef({ params, sought });
  useEffect(() => {
    latest.current = { params, sought };
  }, [params, sought]);
  const go = useCallback(
    (next: { params: URLSearchParams; sought: string }): void => {
      latest.current = next;
      const state: Behind = next.sought ? { sought: next.sought } : {};
      void navigate({ search: next.params.toString() }, { replace: true, state });
    },
    [navigate],
  );
  const choose = useCallback(
    (changed: Readonly<Record<string, string>>): void => {
      const next = new URLSearchParams(latest.current.params);
      for (const [key, value] of Object.entries(changed))
        if (value) next.set(key, value);
        else next.delete(key);
      go({ ...latest.current, params: next });
    },
    [go],
  );
  const seek = useCallback((words: string): void => go({ ...latest.current, sought: words }), [go]);
  return [params, choose, sought, seek];
}
