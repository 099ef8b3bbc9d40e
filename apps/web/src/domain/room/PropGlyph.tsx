import type { ReactNode } from 'react';

const WHEAT = 'fill-wheat stroke-strong-line';

/** Each prop as it lies on the floor, in a box of 22 by 16 about its middle. */
const GLYPHS: Readonly<Record<string, ReactNode>> = {
  block: <rect x={-10} y={-6} width={20} height={12} rx={2} className={WHEAT} />,
  blanket: (
    <g className={WHEAT}>
      <rect x={-11} y={-8} width={22} height={16} rx={3} />
      <path d="M -11 -2.5 H 11 M -11 3 H 11" fill="none" />
    </g>
  ),
  bolster: <rect x={-11} y={-5} width={22} height={10} rx={5} className={WHEAT} />,
  cushion: <rect x={-9} y={-8} width={18} height={16} rx={6} className={WHEAT} />,
  roll: <rect x={-11} y={-3} width={22} height={6} rx={3} className={WHEAT} />,
  strap: (
    <path
      d="M -11 3 C -6 -8 -2 8 3 0 S 9 -5 11 1"
      fill="none"
      strokeWidth={3}
      className="stroke-strong-line"
    />
  ),
  chair: (
    <g className={WHEAT}>
      <rect x={-7} y={-7} width={14} height={12} rx={2} />
      <rect x={-8} y={5} width={16} height={3} rx={1.5} />
    </g>
  ),
  stool: <circle r={8} className={WHEAT} />,
  table: <rect x={-11} y={-8} width={22} height={16} rx={1} className={WHEAT} />,
  mat: <rect x={-4} y={-8} width={8} height={16} rx={2} className={WHEAT} />,
};

/** A prop from above; something else that lies there is a plain square. */
export const PropGlyph = ({ prop }: { prop: string }) =>
  GLYPHS[prop] ?? <rect x={-7} y={-7} width={14} height={14} className={WHEAT} />;
