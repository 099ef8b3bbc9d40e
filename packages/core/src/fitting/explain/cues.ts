import { keep } from '../../cache.js';
import type { Pose, Variant } from '../../poses/types.js';
import type { HouseView, SaidWith } from '../../rules/houseViewTypes.js';
import type { Rulebook } from '../../rules/rulebook.js';
import type { LaneTable } from '../person/index.js';

interface ViewCues {
  all: readonly SaidWith[];
  some: readonly SaidWith[];
}
const viewCues = new WeakMap<HouseView, ViewCues>();
const variantCues = new WeakMap<HouseView, WeakMap<Variant, readonly string[]>>();

/** Cues of the positions that a teacher holds: those for everyone, and those for people with some condition. */
function cuesOf(view: HouseView, { houseViewTopics }: Rulebook): ViewCues {
  const held = Object.entries(houseViewTopics).flatMap(
    ([topic, { positions }]) => positions.find(({ id }) => id === view[topic])?.cue ?? [],
  );
  return {
    all: held.filter(({ conditions }) => !conditions),
    some: held.filter(({ conditions }) => conditions),
  };
}

const goesWith = ({ poses, spine, level }: SaidWith, pose: Pose, variant: Variant): boolean =>
  (!poses || poses.includes(pose.id)) &&
  (!spine || pose.purposes.some((purpose) => purpose.spine === spine)) &&
  (!level || variant.level === level);

/** What is said with a variant, and what the positions of the house view say with its pose to this person. */
export function saidWith({ view, staged }: LaneTable, pose: Pose, variant: Variant): readonly string[] {
  const { all, some } = viewCues.get(view) ?? keep(viewCues, view, cuesOf(view, staged.rulebook));
  const byVariant =
    variantCues.get(view) ?? keep(variantCues, view, new WeakMap<Variant, readonly string[]>());
  const says =
    byVariant.get(variant) ??
    keep(
      byVariant,
      variant,
      variant.cues.concat(all.filter((cue) => goesWith(cue, pose, variant)).map((cue) => cue.says)),
    );
  const own = some.filter(
    (cue) =>
      goesWith(cue, pose, variant) &&
      staged.stages.some(({ condition }) => cue.conditions!.includes(condition)),
  );
  return own.length ? [...says, ...own.map((cue) => cue.says)] : says;
}
