import type { Pose, Variant } from '@lotus-steady/core';
import { Terms } from '../../ui/Terms.js';

/** "blanket under the knees", "2 blankets under the seat": each kind and place once. */
const sayPropsOf = ({ props }: Variant): string =>
  [
    ...new Set(
      props.map(
        (prop) =>
          `${prop.kind === 'blanket' && prop.count > 1 ? `${prop.count} blankets` : prop.kind} ${prop.where}`,
      ),
    ),
  ].join('; ');

/** How a variant is done: cues, in and out, what to feel, what often goes wrong. */
export function PoseGuide({ pose, variant }: { pose: Pose; variant: Variant }) {
  const { guide } = pose;
  // What is said of setting up, looking and coming out is said for the usual version's place in the room.
  const isHere = variant.level === pose.ladder.find((each) => each.id === pose.usual)!.level;
  return (
    <section>
      <h2 className="mb-1 text-xl">{variant.name.replace(/^./, (letter) => letter.toUpperCase())}</h2>
      <p className="mb-2 text-soft">
        {variant.level}
        {variant.props.length > 0 && `, with ${sayPropsOf(variant)}`}.
      </p>
      <ul className="mb-3 list-disc pl-5">
        {variant.cues.map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ul>
      <Terms
        of={[
          ['Set up', isHere && guide.setUp],
          ['Breathe in', guide.in],
          ['Breathe out', guide.out],
          ['Look', isHere && guide.look],
          ['Feel it', guide.feel],
          ['Not here', guide.notHere],
          ['Come out', isHere && guide.comeOut],
        ]}
      />
      <h3 className="mt-4 font-semibold">What often goes wrong</h3>
      <ul className="list-disc pl-5">
        {pose.mistakes.map((mistake) => (
          <li key={mistake}>{mistake}</li>
        ))}
      </ul>
    </section>
  );
}
