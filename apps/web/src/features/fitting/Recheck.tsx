import { useRecheck } from '../../data/classes/useRecheck.js';
import { Differences } from '../../domain/fitting/Differences.js';
import { Button } from '../../ui/Button.js';

/** What would differ if a kept class were fitted today, and a way to take it over. */
export function Recheck({ id, onTake }: { id: string; onTake: () => void }) {
  const { data } = useRecheck(id);
  return data ? (
    <Differences comparison={data}>
      <Button onClick={onTake}>Take it over</Button>
    </Differences>
  ) : null;
}
