import type { HomePractice as Practice } from '../../data/types.js';
import type { PersonBody } from '../../domain/fitting/bodies.js';
import { HomeSteps } from '../../domain/person/HomeSteps.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { HowItWent } from './HowItWent.js';

/** What she practises at home: seen, begun, and how it went in three taps. */
export function HomePractice({
  of,
  today,
  body,
  onPlay,
}: {
  of: Practice;
  today: string;
  body: PersonBody;
  onPlay: () => void;
}) {
  return (
    <section aria-labelledby="home" className="mb-8 rounded-2xl border border-teal bg-paper p-5">
      <h2 id="home" className="text-2xl">
        Your practice at home
      </h2>
      <p className="text-soft">
        About {of.minutes} minutes, until {sayDate(of.until)}
      </p>
      {of.withWhom && <p className="font-semibold">Together with {of.withWhom}.</p>}
      {of.leftOut && (
        <p className="my-2 font-semibold text-clay">
          Something has changed: exercises that may no longer suit you are left out. Ask before you go on.
        </p>
      )}
      {of.words && <p className="my-2 whitespace-pre-line">{of.words}</p>}
      <HomeSteps steps={of.steps} body={body} toHerself />
      <Button
        look="main"
        className="min-h-14 w-full text-lg sm:w-auto"
        disabled={!of.steps.length}
        onClick={onPlay}
      >
        Practise now
      </Button>
      <details className="mt-4">
        <summary className="min-h-9 content-center text-teal">I have practised already</summary>
        <HowItWent today={today} />
      </details>
      {of.whom && (
        <p className="mt-3">
          Ask: <b>{of.whom}</b>
        </p>
      )}
    </section>
  );
}
