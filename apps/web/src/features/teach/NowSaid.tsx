import type { Said } from '@lotus-steady/core';
import type { ReactNode } from 'react';
import { Script } from '../../domain/script/Script.js';

/** The words to say, as much as there is room for, or the cues of the pose. */
export const NowSaid = ({
  said,
  names,
  children,
}: {
  said: readonly Said[] | undefined;
  names: ReadonlyMap<string, string>;
  children: ReactNode;
}) =>
  said ? (
    <section
      aria-label="Words to say"
      tabIndex={0}
      className="max-h-[34vh] shrink-0 overflow-y-auto text-lg max-md:order-3"
    >
      <Script said={said} names={names} />
    </section>
  ) : (
    <ul className="text-xl max-md:order-3">{children}</ul>
  );
