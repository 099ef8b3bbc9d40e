import type { Level } from '@lotus-steady/core';

/** How far up the body is, from lying to standing: every dip of the line is a way down. */
const RANK: Record<Level, number> = {
  lying: 0,
  prone: 0,
  'side-lying': 0,
  inverted: 0,
  sitting: 1,
  kneeling: 2,
  'all-fours': 2,
  squatting: 2.5,
  chair: 3,
  standing: 4,
};
const x = (level: Level): number => 14 + RANK[level] * 18;

/**
 * One row's piece of the line: from half way to the step before, through this level beside the asked
 * figure, to half way to the next.
 */
export function LevelLine({ before, level, after }: { before?: Level; level: Level; after?: Level }) {
  const here = x(level);
  const up = before ? (x(before) + here) / 2 : here;
  const down = after ? (x(after) + here) / 2 : here;
  return (
    <div className="relative flex h-full flex-col" title={`${level.replace('-', ' ')}`}>
      <Piece className="h-13 shrink-0" path={`M${up} 0C${up} 50 ${here} 44 ${here} 100`} />
      <Piece className="min-h-13 flex-1" path={`M${here} 0C${here} 56 ${down} 50 ${down} 100`} />
      <span
        className="absolute top-13 size-3.5 -translate-1/2 rounded-full border-[2.5px] border-teal bg-paper"
        style={{ left: `${here}%` }}
      />
      <span className="sr-only">{level.replace('-', ' ')}</span>
    </div>
  );
}

const Piece = ({ path, className }: { path: string; className: string }) => (
  <svg viewBox="0 0 100 100" preserveAspectRatio="none" className={`w-full ${className}`} aria-hidden>
    {[0, 1, 2, 3, 4].map((rank) => (
      <path
        key={rank}
        d={`M${14 + rank * 18} 0V100`}
        stroke="var(--line)"
        vectorEffect="non-scaling-stroke"
      />
    ))}
    <path d={path} fill="none" stroke="var(--teal)" strokeWidth="2.5" vectorEffect="non-scaling-stroke" />
  </svg>
);
