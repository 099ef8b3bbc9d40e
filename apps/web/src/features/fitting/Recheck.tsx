import { Button } from '../../ui/Button.js';
import { useRecheck } from '../../api/queries.js';
import { variantById } from '../../catalogue.js';

/** What would differ if the class were fitted today, and a way to take it over. */
export function Recheck({ id, onTake }: { id: string; onTake: () => void }) {
  const { data } = useRecheck(id);
  if (!data?.differences.length) return null;
  const name = (variant: string | undefined): string => { if (!variant) return ''; try { const known = variantById(variant); return `${known.pose.name}, ${known.variant.name}`; } catch { return variant; } };
  return (
    <section aria-label="Changed since" className="no-print flex flex-wrap items-start gap-3 border-b border-clay bg-clay-wash px-5 py-3">
      <details className="min-w-72 flex-1"><summary className="font-semibold">{data.says}</summary>
        <ul className="mt-2 space-y-1">{data.differences.map((one, i) => (
          <li key={i}><b>{one.person}</b>{one.step ? `, step ${one.step} (${one.asked})` : ''}: {one.what}{one.before && one.after && one.before !== one.after ? `, ${name(one.before)} → ${name(one.after)}` : ''}. <span className="text-soft">{one.why}</span></li>
        ))}</ul>
      </details>
      <Button onClick={onTake}>Take it over</Button>
    </section>
  );
}
