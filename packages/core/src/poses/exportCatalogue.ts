import { AUTHOR_HEIGHT } from '../body/residuals.js';
import { plainSpelling } from './plainSpelling.js';
import type { Catalogue } from './catalogue.js';
import type { Pose, Variant } from './types.js';

const surfaceName = (surface: string | number): string =>
  typeof surface === 'number' ? `prop at ${surface} cm` : surface;

/** A variant as written out: what it stands on, with what, what it declares and what it measures. */
function exportVariant(variant: Variant, catalogue: Catalogue) {
  const { id, name, words = [], level, breath, support, props, frames, declared, cues } = variant;
  const touching = new Map<string, Set<string>>();
  for (const { on } of frames)
    for (const [surface, points] of on) {
      const key = surfaceName(surface);
      const known = touching.get(key) ?? new Set();
      points.split(' ').forEach((point) => known.add(point.replace('?', '')));
      touching.set(key, known);
    }
  return {
    id,
    name,
    words,
    level,
    entry: variant.entry ?? level,
    exit: variant.exit ?? level,
    ...(variant.wayIn ? { wayIn: variant.wayIn } : {}),
    ...(variant.wayOut ? { wayOut: variant.wayOut } : {}),
    breath,
    support,
    keyFrames: frames.length,
    contacts: [...touching].map(([surface, points]) => ({ surface, points: [...points] })),
    props,
    declared,
    met: declared.met,
    cues,
    measures: catalogue.measures(id, AUTHOR_HEIGHT),
  };
}

function exportPose(pose: Pose, catalogue: Catalogue) {
  const {
    id,
    family,
    name,
    sanskrit,
    aliases,
    meaning,
    purposes,
    parts,
    energy,
    place,
    hold,
    side,
    usual,
    before,
    after,
    guide,
    mistakes,
    ladder,
  } = pose;
  return {
    id,
    family,
    names: { english: name, ...(sanskrit ? { sanskrit, plain: plainSpelling(sanskrit) } : {}), aliases },
    meaning,
    purposes,
    parts,
    energy,
    place,
    hold,
    ...(side ? { side } : {}),
    usual,
    before,
    after,
    guide,
    mistakes,
    stories: catalogue.themes.flatMap((theme) =>
      theme.shapes
        .filter((shape) => shape.pose === id)
        .map((shape) => ({ theme: theme.id, name: shape.name, task: shape.task })),
    ),
    variants: ladder.map((variant) => exportVariant(variant, catalogue)),
  };
}

/**
 * The whole catalogue as plain data: `poses[]` with their `variants[]` in ladder order, `ways[]`
 * between levels, `flows[]` (salutes and links) and `themes[]`. Measures are those of a grown person of 165 cm.
 */
export const exportCatalogue = (catalogue: Catalogue) => ({
  version: catalogue.version,
  heightCm: AUTHOR_HEIGHT,
  poses: catalogue.poses.map((pose) => exportPose(pose, catalogue)),
  ways: catalogue.ways.map(({ variant, ...way }) => ({
    ...way,
    movement: exportVariant(variant, catalogue),
  })),
  flows: catalogue.flows,
  themes: catalogue.themes,
});
