import { useMemo } from 'react';
import { encode } from 'uqr';

/** So much white around it is read by every camera, in its own dots (ISO/IEC 18004: 4). */
const BORDER = 4;

/** An address as a square that a phone scans; dark on light, also where all else is dark. */
export function ScanSquare({
  of,
  label,
  className = 'size-44',
}: {
  of: string;
  label: string;
  className?: string;
}) {
  const { path, size } = useMemo(() => {
    const { data } = encode(of, { border: BORDER });
    const dots = data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${x} ${y}h1v1h-1z`] : [])));
    return { path: dots.join(''), size: data.length };
  }, [of]);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
      className={`rounded-lg ${className}`}
    >
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
