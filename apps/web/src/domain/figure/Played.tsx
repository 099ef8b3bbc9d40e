import type { FigureScene } from '@lotus-steady/figure/scene';
import { Play } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Button } from '../../ui/Button.js';

const MovingFigure = lazy(async () => ({ default: (await import('./MovingFigure.js')).MovingFigure }));

/** A small button that opens a figure which moves, and closes it again. */
export function Played({
  label,
  scenes,
  words = 'See it move',
}: {
  /** What the figure shows, in words. */
  label: string;
  /** Its key frames in order. */
  scenes: readonly FigureScene[];
  words?: string;
}) {
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
        {open ? 'Close' : words}
      </Button>
      {open && (
        <Suspense fallback={null}>
          <MovingFigure
            label={label}
            scenes={scenes}
            still={scenes.length > 1 ? 'move' : 0}
            width={360}
            height={280}
          />
        </Suspense>
      )}
    </div>
  );
}
