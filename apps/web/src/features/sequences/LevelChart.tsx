import type { Fitting, Level } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';

const ROWS: readonly (readonly [name: string, levels: readonly Level[]])[] = [
  ['standing', ['standing']],
  ['chair', ['chair', 'squatting']],
  ['kneeling', ['kneeling', 'all-fours']],
  ['sitting', ['sitting']],
  ['lying', ['lying', 'prone', 'side-lying', 'inverted']],
];
const WIDTH = 420;
const ROW = 26;
const LEFT = 70;

const rowOf = (variant: string): number => {
  const { level } = variantById(variant).variant;
  return ROWS.findIndex(([, levels]) => levels.includes(level));
};

/** Where the body is over the minutes of a plan: every dip is a way down. */
export function LevelChart({ steps, minutes }: Pick<Fitting, 'steps' | 'minutes'>) {
  const kept = steps.filter(({ leftOut }) => !leftOut);
  const end = Math.max(minutes.asked, minutes.planned) * 60;
  const x = (seconds: number): number => LEFT + (seconds / end) * (WIDTH - LEFT - 8);
  const y = (row: number): number => row * ROW + ROW / 2;
  const path = kept
    .map(({ start, end: until, variant }, i) => {
      const at = y(rowOf(variant));
      return `${i ? 'L' : 'M'}${x(start).toFixed(1)} ${at}L${x(until).toFixed(1)} ${at}`;
    })
    .join('');
  const says = ROWS.map(([name], row) => {
    const seconds = kept
      .filter(({ variant }) => rowOf(variant) === row)
      .reduce((sum, step) => sum + step.end - step.start, 0);
    return seconds ? `${name} ${Math.max(1, Math.round(seconds / 60))} min` : '';
  }).filter(Boolean);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${ROWS.length * ROW + 18}`}
      role="img"
      aria-label={`Where the body is: ${says.join(', ')}`}
      className="w-full"
    >
      {ROWS.map(([name], row) => (
        <g key={name}>
          <text x={0} y={y(row) + 4} fontSize={12} fill="var(--soft)">
            {name}
          </text>
          <path d={`M${LEFT} ${y(row)}H${WIDTH - 8}`} stroke="var(--line)" />
        </g>
      ))}
      <path d={path} fill="none" stroke="var(--teal)" strokeWidth={3} strokeLinejoin="round" />
      <path
        d={`M${x(minutes.asked * 60)} 4V${ROWS.length * ROW}`}
        stroke="var(--clay)"
        strokeDasharray="3 3"
      />
      {[0, minutes.asked / 2, minutes.asked].map((at) => (
        <text
          key={at}
          x={x(at * 60)}
          y={ROWS.length * ROW + 14}
          fontSize={11}
          textAnchor={at === minutes.asked ? 'end' : 'start'}
          fill="var(--soft)"
        >
          {Math.round(at)} min
        </text>
      ))}
    </svg>
  );
}
