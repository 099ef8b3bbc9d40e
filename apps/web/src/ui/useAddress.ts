import { useCallback, useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';

/**
 * What is chosen on a screen, kept in its address. Choices that are made before the address has changed with the one
 * before are kept too; an empty one is left out.
 */
export function useAddress(): [
  chosen: URLSearchParams,
  choose: (changed: Readonly<Record<string, string>>) => void,
] {
  const [params, setParams] = useSearchParams();
  const latest = useRef(params);
  useEffect(() => {
    latest.current = params;
  }, [params]);
  const choose = useCallback(
    (changed: Readonly<Record<string, string>>): void => {
      const next = new URLSearchParams(latest.current);
      for (const [key, value] of Object.entries(changed))
        if (value) next.set(key, value);
        else next.delete(key);
      latest.current = next;
      setParams(next, { replace: true });
    },
    [setParams],
  );
  return [params, choose];
}
