import type { FigureScene } from '@lotus-steady/figure/scene';
import { Play } from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button.js';
import { useOwnScenes, type OwnDrawn, type Solved } from './useOwnScenes.js';

const MovingFigure = lazy(async () => ({ default: (await import('./MovingFigure.js')).MovingFigure }));

/** A small button that opens a figure which moves, and closes it again. */
export function Played({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="no-print">
      <Button
        look="quiet"
        className="min-h-9! py-0.5! text-sm"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <Play aria-hidden size={16} />
        {open ? 'Close' : 'See it move'}
      </Button>
      {open && <Suspense fallback={null}>{children}</Suspense>}
    </div>
  );
}

/** Key frames that play in order. */
export const Moving = ({
  label,
  scenes,
}: {
  /** What the figure shows, in words. */
  label: string;
  scenes: readonly FigureScene[];
}) => (
  <MovingFigure
    label={label}
    scenes={scenes}
    still={scenes.length > 1 ? 'move' : 0}
    width={360}
    height={280}
  />
);

/** Versions, or parts of one, that play in order on one body, as far as it goes. */
export function OwnMoving({
  label,
  asked,
  ...drawn
}: {
  label: string;
  asked: readonly Solved[];
} & OwnDrawn) {
  return <Moving label={label} scenes={useOwnScenes(asked, drawn)} />;
}
