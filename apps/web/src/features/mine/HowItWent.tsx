import { useState, type ReactNode } from 'react';
import { useWriteSoon } from '../../data/mine/useMine.js';
import type { DiaryDraft } from '../../data/types.js';
import { Problem } from '../../ui/states.js';

type Said = Required<Pick<DiaryDraft, 'done' | 'felt' | 'after'>>;

const ASKED: readonly { key: keyof Said; asks: string; of: readonly (readonly [string, string])[] }[] = [
  {
    key: 'done',
    asks: 'How much of it?',
    of: [
      ['all', 'All'],
      ['some', 'Some'],
      ['none', 'None today'],
    ],
  },
  {
    key: 'felt',
    asks: 'How was it?',
    of: [
      ['easy', 'Easy'],
      ['right', 'Just right'],
      ['hard', 'Too hard'],
    ],
  },
  {
    key: 'after',
    asks: 'And pain now?',
    of: [
      ['less', 'Less'],
      ['same', 'The same'],
      ['more', 'More'],
    ],
  },
];

/** How practice went, in three taps: it goes to the teacher, at once or when there is a network again. */
export function HowItWent({ today, children }: { today: string; children?: ReactNode }) {
  const write = useWriteSoon();
  const [said, setSaid] = useState<Partial<Said>>({});
  const asked = said.done === 'none' ? undefined : ASKED.find(({ key }) => said[key] === undefined);
  const say = (key: keyof Said, value: string): void => {
    const next = { ...said, [key]: value } as Partial<Said>;
    setSaid(next);
    if (next.done === 'none' || ASKED.every((one) => next[one.key])) write.mutate({ on: today, ...next });
  };
  if (write.isSuccess)
    return (
      <div role="status" className="py-3">
        <p>Written down for your teacher.</p>
        {said.after === 'more' && (
          <p className="font-semibold text-clay">
            Leave out tomorrow what hurt. If it is still more the morning after, ask before you go on.
          </p>
        )}
        {children}
      </div>
    );
  if (!asked) return write.error ? <Problem error={write.error} /> : null;
  return (
    <fieldset className="py-3">
      <legend className="mb-2 text-xl">{asked.asks}</legend>
      <div className="grid grid-cols-3 gap-2">
        {asked.of.map(([value, word]) => (
          <button
            key={value}
            type="button"
            onClick={() => say(asked.key, value)}
            className="min-h-16 rounded-xl border border-strong-line bg-paper text-lg hover:bg-teal-wash"
          >
            {word}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
