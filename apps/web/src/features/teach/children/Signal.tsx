import { Hand } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '../../../ui/Button.js';
import { chime } from '../sounds.js';

/** So long the chime of arrival is heard, seconds: time enough to listen to its end. */
const RINGS = 8;
/** Three times, each listened to otherwise (common practice, no published source). */
const ROUNDS = ['eyes open', 'looking down', 'guess when it ends'];

/** The sign to arrive: a hand is up while the chime is heard, and down when it is gone. */
export function Signal() {
  const [round, setRound] = useState(0);
  const [rings, setRings] = useState(false);
  useEffect(() => {
    if (!rings) return undefined;
    const timer = setTimeout(() => setRings(false), RINGS * 1000);
    return () => clearTimeout(timer);
  }, [rings, round]);
  return (
    <div className="flex min-h-96 flex-col items-center justify-center gap-5 text-center">
      <Hand
        aria-hidden
        size={190}
        strokeWidth={1.2}
        className={`transition-transform duration-700 ${rings ? 'text-teal' : 'translate-y-6 scale-75 text-line'}`}
      />
      <p aria-live="polite" className="font-display text-3xl">
        {rings ? 'Hand up while you hear it.' : 'Hands down: who heard it longest?'}
      </p>
      <p className="text-xl text-soft">
        {round
          ? `${round}. ${ROUNDS[(round - 1) % ROUNDS.length]}`
          : 'Three times: eyes open, looking down, guessing.'}
      </p>
      <Button
        look="main"
        className="min-h-16 px-8! text-xl"
        onClick={() => {
          chime(RINGS);
          setRound((before) => before + 1);
          setRings(true);
        }}
      >
        Sound the chime
      </Button>
    </div>
  );
}
