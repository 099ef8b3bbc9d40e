import { breathOf, countAt, type Counted, type Counting, type Moment, type Phase } from '@lotus-steady/core';
import { useEffect, useRef } from 'react';
import { variantById } from '../../data/catalogue.js';
import { sayClock } from '../../domain/words/say.js';
import { wantsMotion } from '../../ui/wantsMotion.js';

/** What is paced: a moment of a class, or of practice at home. */
type Paced = Pick<Moment, 'round' | 'count' | 'breath'> & { step: Pick<Moment['step'], 'variant'> };

interface Props {
  moment: Paced;
  phase: Phase;
  runs: boolean;
  /** Seconds of the phase that have passed, at any instant. */
  passed: () => number;
  /** Seconds that the hold takes, with what was added. */
  total: number;
  counting: Counting;
}

/** The circle never shrinks below this share: empty lungs are not nothing. */
const EMPTY = 0.66;

/**
 * The breath of the group as a shape that swells and sinks, with the count in its middle. Where motion is not wanted
 * the shape stands, and the word says in or out.
 */
export function Pacer({ moment, phase, runs, passed, total, counting }: Props) {
  const swell = useRef<HTMLDivElement>(null);
  const word = useRef<HTMLSpanElement>(null);
  const isHeld = phase === 'hold';
  const { guide } = variantById(moment.step.variant).pose;
  const isMoved = moment.count.unit === 'rounds';
  useEffect(() => {
    const still = !wantsMotion();
    const show = (): void => {
      const { half, full } = breathOf(moment, isHeld ? passed() : 0);
      const size = still || !isHeld ? 1 : EMPTY + (1 - EMPTY) * full;
      if (swell.current) swell.current.style.transform = `scale(${size})`;
      if (word.current) word.current.textContent = isHeld ? `breathe ${half}` : '';
    };
    show();
    if (!runs || !isHeld) return undefined;
    let asked = requestAnimationFrame(function look() {
      show();
      asked = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(asked);
  }, [isHeld, runs, passed, moment]);
  return (
    <div className="flex flex-col items-center gap-1">
      <div className="relative grid size-36 place-items-center md:size-52">
        <div aria-hidden className="absolute inset-0 rounded-full border-2 border-line" />
        <div
          ref={swell}
          aria-hidden
          data-pacer
          className="absolute inset-0 rounded-full bg-teal-wash ring-4 ring-teal will-change-transform"
        />
        <Count moment={moment} phase={phase} passed={passed()} total={total} counting={counting} />
      </div>
      <span ref={word} className="h-8 text-xl md:text-2xl" />
      {isMoved && isHeld && (guide.in ?? guide.out) && (
        <span className="max-w-72 text-center text-lg text-soft max-md:hidden">
          {guide.in && <>In: {guide.in} </>}
          {guide.out && <>Out: {guide.out}</>}
        </span>
      )}
    </div>
  );
}

const CLOCK_SIZE = 'text-[2.25rem] md:text-[2.75rem]';
const COUNT_SIZE = 'text-[2.5rem] md:text-[4rem]';

/** What is counted, up or down. */
function Count({
  moment,
  phase,
  passed,
  total,
  counting,
}: Pick<Props, 'moment' | 'phase' | 'total' | 'counting'> & { passed: number }) {
  if (phase === 'done')
    return <span className="relative text-center font-display text-2xl font-semibold">Come out slowly</span>;
  const held = phase === 'hold' ? passed : 0;
  const left = Math.max(0, total - held);
  const counted = countAt(moment, held, total);
  const isDown = counting === 'down' || phase === 'lead';
  const clock = sayClock(isDown ? Math.ceil(left) : Math.floor(held));
  const { number, below } =
    counted.unit === 'seconds'
      ? { number: clock, below: clockWord(phase, counting, total) }
      : countWords(counted, phase, isDown);
  const size = counted.unit === 'seconds' ? CLOCK_SIZE : COUNT_SIZE;
  return (
    <span role="timer" aria-label={`${Math.ceil(left)} seconds left`} className="relative text-center">
      <span className={`block font-display leading-none font-semibold tabular-nums ${size}`}>{number}</span>
      <span className="block text-lg">{below}</span>
      {counted.unit !== 'seconds' && <span className="block text-lg text-soft tabular-nums">{clock}</span>}
    </span>
  );
}

/** What stands below a clock. */
function clockWord(phase: Phase, counting: Counting, total: number): string {
  if (phase === 'lead') return 'to hold';
  return counting === 'down' ? 'left' : `of ${sayClock(total)}`;
}

/** A count of breaths or rounds, and what stands below it. */
function countWords(
  { unit, now, of }: Counted,
  phase: Phase,
  isDown: boolean,
): { number: number; below: string } {
  const whole = Math.ceil(of);
  if (!isDown) return { number: now, below: `of ${whole} ${unit}` };
  const number = phase === 'lead' ? whole : whole - now + 1;
  const word = number === 1 ? unit.slice(0, -1) : unit;
  return { number, below: phase === 'lead' ? word : `${word} left` };
}
