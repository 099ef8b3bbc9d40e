import type { Level, Pose, Variant } from '@lotus-steady/core';
import { Link } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { WayFigures } from '../../domain/figure/WayFigures.js';
import { sayHoldOf, sayPurpose } from '../../domain/words/poseWords.js';
import { Terms } from '../../ui/Terms.js';

/** Ways from a level, or to it; the variant's own where it has one. */
function Ways({ own, level, direction }: { own: string | undefined; level: Level; direction: 'in' | 'out' }) {
  const { ways } = catalogue();
  const special = ways.filter(({ id }) => id === own);
  const [end, start] = direction === 'in' ? (['to', 'from'] as const) : (['from', 'to'] as const);
  const usual = ways.filter((way) => way[end] === level || (way.back && way[start] === level));
  const shown = special.length ? special : usual;
  if (!shown.length) return 'no special way';
  return (
    <ul className="grid gap-1">
      {shown.map((way) => (
        <li key={way.id}>
          {way.name}
          <WayFigures way={way} backwards={way[end] !== level} />
        </li>
      ))}
    </ul>
  );
}

/** What a pose is for in a class, how one gets there and back, and what likes to stand beside it. */
export function InAClass({ pose, variant }: { pose: Pose; variant: Variant }) {
  const stories = catalogue().themes.flatMap((theme) =>
    theme.shapes.filter((shape) => shape.pose === pose.id).map((shape) => ({ ...shape, theme: theme.name })),
  );
  return (
    <section>
      <h2 className="mb-2 text-xl">In a class</h2>
      <Terms
        of={[
          ['For', pose.purposes.map(sayPurpose).join('; ')],
          ['Energy', pose.energy],
          ['Place', pose.place.join(', ')],
          ['Held for', sayHoldOf(pose)],
          [
            'Way in',
            <Ways key="in" own={variant.wayIn} level={variant.entry ?? variant.level} direction="in" />,
          ],
          [
            'Way out',
            <Ways key="out" own={variant.wayOut} level={variant.exit ?? variant.level} direction="out" />,
          ],
          ['Also called', pose.aliases.join(', ')],
          [
            'For children',
            stories.length > 0 &&
              stories.map(({ name, theme, task }) => (
                <p key={theme}>
                  {name} ({theme}): {task}
                </p>
              )),
          ],
        ]}
      />
      <h3 className="mt-4 mb-1 font-semibold">Likes before it</h3>
      <Links ids={pose.before} none="Nothing in particular." />
      <h3 className="mt-4 mb-1 font-semibold">Likes after it</h3>
      <Links ids={pose.after} none="Nothing in particular." />
    </section>
  );
}

function Links({ ids, none }: { ids: readonly string[]; none: string }) {
  const poses = ids.map((id) => catalogue().poses.find((pose) => pose.id === id)!);
  if (!poses.length) return <p className="text-soft">{none}</p>;
  return (
    <ul className="flex flex-wrap gap-2">
      {poses.map((pose) => (
        <li key={pose.id}>
          <Link
            to={`/atlas/${pose.id}`}
            className={
              'flex w-32 flex-col items-center rounded-xl border border-line bg-(--fig-paper) ' +
              'p-1 text-center text-sm hover:border-teal'
            }
          >
            <Figure variant={pose.usual} className="w-24" decorative />
            {pose.name}
          </Link>
        </li>
      ))}
    </ul>
  );
}
