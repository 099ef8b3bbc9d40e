import type { Pose, Variant } from '../../poses/types.js';
import type { HouseView, SaidWith } from '../../rules/houseViewTypes.js';
import type { Rulebook } from '../../rules/rulebook.js';
import type { LaneTable } from '../person/index.js';

/** Cues of the positions that a teacher holds; those for everyone, and those for people with some condition. */
const viewCues = new WeakMap<HouseView, { all: SaidWith[]; some: SaidWith[] }>();
const saidKnown = new WeakMap<HouseView, WeakMap<Variant, readonly string[]>>();
const cuesOf = (view: HouseView, { houseViewTopics }: Rulebook): { all: SaidWith[]; some: SaidWith[] } => {
  let cues = viewCues.get(view);
  if (!cues) {
    const held = Object.entries(houseViewTopics).flatMap(
      ([topic, { positions }]) => positions.find(({ id }) => id === view[topic])?.cue ?? [],
    );
    viewCues.set(
      view,
      (cues = {
        all: held.filter(({ conditions }) => !conditions),
        some: held.filter(({ conditions }) => conditions),
      }),
    );
  }
  return cues;
};
const goesWith = ({ poses, spine, level }: SaidWith, pose: Pose, variant: Variant): boolean =>
  (!poses || poses.includes(pose.id)) &&
  (!spine || pose.purposes.some((purpose) => purpose.spine === spine)) &&
  (!level || variant.level === level);

/** What is said with a variant, and what the positions of the house view say with its pose to this person. */
export function saidWith({ view, staged }: LaneTable, pose: Pose, variant: Variant): readonly string[] {
  const { all, some } = cuesOf(view, staged.rulebook);
  let byVariant = saidKnown.get(view);
  if (!byVariant) saidKnown.set(view, (byVariant = new WeakMap()));
  let says = byVariant.get(variant);
  if (!says)
    byVariant.set(
      variant,
      (says = variant.cues.concat(all.filter((cue) => goesWith(cue, pose, variant)).map((cue) => cue.says))),
    );
  const own = some.filter(
    (cue) =>
      goesWith(cue, pose, variant) &&
      staged.stages.some(({ condition }) => cue.conditions!.includes(condition)),
  );
  return own.length ? [...says, ...own.map((cue) => cue.says)] : says;
}
