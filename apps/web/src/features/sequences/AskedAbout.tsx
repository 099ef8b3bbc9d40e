import { renamed, type PlanPart } from '@lotus-steady/core';
import { Button } from '../../ui/Button.js';

interface Props {
  parts: readonly PlanPart[];
  /** Puts a piece of the text in place of another. */
  onTake: (from: number, to: number, text: string) => void;
  onShow: (from: number, to: number) => void;
}

/** What of a plan is not sure, with the names that come nearest: one press takes one. */
export function AskedAbout({ parts, onTake, onShow }: Props) {
  const unsure = parts.filter(({ kind }) => kind === 'unsure');
  if (!unsure.length) return null;
  return (
    <section role="status" className="rounded-xl border border-clay bg-clay-wash p-4">
      <h2 className="font-semibold">
        {unsure.length === 1 ? 'One line is asked about' : `${unsure.length} lines are asked about`}
      </h2>
      <ul className="mt-2 space-y-2">
        {unsure.map(({ from, to, text, message, nearest = [] }) => (
          <li key={`${from} ${text}`}>
            {message}
            <span className="mt-1 flex flex-wrap gap-2">
              {nearest.map((name) => (
                <Button
                  key={name}
                  className="min-h-9 px-2! py-0.5!"
                  onClick={() => onTake(from, to, renamed(text, name))}
                >
                  {name}
                </Button>
              ))}
              <Button look="quiet" className="min-h-9 py-0.5!" onClick={() => onShow(from, to)}>
                Show it
              </Button>
              <Button look="quiet" className="min-h-9 py-0.5!" onClick={() => onTake(from, to, `> ${text}`)}>
                Keep as a note
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
