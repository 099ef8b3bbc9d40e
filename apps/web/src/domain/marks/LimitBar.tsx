/** A measured number against its limit: a filled bar and a tick where the limit is. */
export function LimitBar({
  label,
  value,
  limit,
  unit,
  met,
  most,
}: {
  label: string;
  value: number;
  limit: number;
  unit: string;
  met: boolean;
  most: number;
}) {
  const share = (n: number): number => Math.max(0, Math.min(100, (n / most) * 100));
  const say = (n: number): string => `${Math.round(n * 10) / 10}${unit}`;
  return (
    <div className="my-2">
      <div className="flex justify-between gap-3 text-sm">
        <span>{label}</span>
        <span className={`font-bold tabular-nums ${met ? '' : 'text-clay'}`}>{say(value)}</span>
      </div>
      <div
        className="relative mt-1 h-2.5 rounded-full bg-sunk outline outline-line"
        role="img"
        aria-label={`${label}: ${say(value)}, limit ${say(limit)}`}
      >
        <div
          className={`h-full rounded-full ${met ? 'bg-teal' : 'bg-clay'}`}
          style={{ width: `${share(value)}%` }}
        />
        <div className="absolute -top-1 h-4.5 w-0.5 bg-ink" style={{ left: `${share(limit)}%` }} />
      </div>
      <p className="mt-0.5 text-right text-sm text-soft">limit {say(limit)}</p>
    </div>
  );
}
