import type { ReactNode } from 'react';
import { storedPicture } from '../../domain/figure/storedPicture.js';

/** Who stands at the door: several bodies, each in what suits it. */
const AT_THE_DOOR = ['tree.hand-on-wall', 'seated-twist.chair', 'childs-pose.knees-wide-block'] as const;

/** The frame of the screens before anybody is in: what this is, and one thing to do. */
export const Front = ({ title, children }: { title: string; children: ReactNode }) => (
  <div className="flex min-h-screen flex-col">
    <title>{`${title} · Lotus Steady`}</title>
    <main
      id="main"
      className="mx-auto grid w-full max-w-6xl flex-1 items-center gap-x-16 gap-y-8 px-5 py-8 lg:grid-cols-2"
    >
      <div>
        <p className="flex items-center gap-3 font-display text-3xl font-semibold">
          <img src="/mark.svg" alt="" width={44} height={44} />
          Lotus Steady
        </p>
        <p className="mt-4 max-w-[38ch] text-xl">
          Your sequence, fitted to the people who will be in the room: what each does, why, and with what.
        </p>
        <div className="mt-8 flex items-end gap-4 max-lg:hidden" aria-hidden>
          {AT_THE_DOOR.map((variant) => {
            const picture = storedPicture({ variant, frame: 0, left: false, build: 'adult' }, 176);
            return (
              picture && (
                <img key={variant} src={picture} alt="" className="w-44 rounded-2xl bg-(--fig-paper)" />
              )
            );
          })}
        </div>
      </div>
      <div className="rounded-2xl border border-line bg-paper p-6 shadow-sm">
        <h1 tabIndex={-1} className="mb-4 text-2xl outline-none">
          {title}
        </h1>
        {children}
      </div>
    </main>
    <footer className="border-t border-line px-5 py-3 text-sm text-soft">
      For a trained teacher: each person’s own doctor, midwife or physiotherapist and local rules come first.
      The teacher decides.
    </footer>
  </div>
);
