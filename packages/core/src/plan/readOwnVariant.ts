import type { InputError } from '../people/types.js';
import type { Catalogue } from '../poses/catalogue.js';
import {
  faultsOf,
  OWN_JOINTS,
  ownFrames,
  variantOfOwn,
  type OwnAngles,
  type OwnJoint,
  type OwnVariant,
} from '../poses/ownVariant.js';
import { solveAll } from '../poses/solveAll.js';
import type { Pose } from '../poses/types.js';
import { variantPrint } from '../poses/variantPrint.js';
import { fold } from '../reading/fold.js';

/** A teacher's own variant as she made it; `poseName` where it is to be a pose of its own, made from `pose`. */
export interface OwnVariantDraft {
  name: string;
  pose: string;
  poseName?: string;
  base: string;
  /** The rung it comes after; empty for the first place. */
  after: string;
  angles: OwnAngles;
}

/** Where it is to be kept: beside what is built in and what the hall already has. */
export interface OwnVariantPlace {
  builtIn: Catalogue;
  /** With the hall's own variants. */
  catalogue: Catalogue;
  /** Makes its id one that was never given before. */
  mark: string;
}

const slug = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Whether a name is one that is already written for one of these, however it is spelt. */
const isTaken = (name: string, names: readonly string[]): boolean =>
  names.some((known) => fold(known) === fold(name));
const namesOf = (pose: Pose): string[] => [
  pose.name,
  ...(pose.sanskrit ? [pose.sanskrit] : []),
  ...pose.aliases,
];

/** Joints that can be set, by the key under which their angle stands: sided ones with and without a side. */
const JOINTS: ReadonlyMap<string, OwnJoint> = new Map(
  OWN_JOINTS.flatMap((joint) => {
    const sided = joint.sided ? ['R', 'L'].map((side) => joint.key.replace(/^[a-z]+/, `$&${side}`)) : [];
    return [joint.key, ...sided].map((key) => [key, joint] as const);
  }),
);

function angleErrors(angles: Readonly<Record<string, unknown>>): InputError[] {
  return Object.entries(angles).flatMap(([key, degrees]): InputError[] => {
    const joint = JOINTS.get(key);
    const field = `angles.${key}`;
    if (!joint) return [{ field, message: `"${key}" is not a joint that can be set.` }];
    const within = typeof degrees === 'number' && degrees >= joint.least && degrees <= joint.most;
    return within
      ? []
      : [{ field, message: `${joint.name} goes from ${joint.least} to ${joint.most} degrees.` }];
  });
}

/** A name asks for one thing: an own "Tree" would take the built-in tree out of every sequence. */
function nameErrors({ name, pose, poseName }: OwnVariantDraft, { poses }: Catalogue): InputError[] {
  const errors: InputError[] = [];
  const rungs = poses.find((known) => known.id === pose)?.ladder ?? [];
  if (poseName && poses.some((known) => isTaken(poseName, namesOf(known))))
    errors.push({ field: 'poseName', message: 'A pose has this name already. Choose another.' });
  if (
    !poseName &&
    isTaken(
      name,
      rungs.flatMap((variant) => [variant.name, ...(variant.words ?? [])]),
    )
  )
    errors.push({ field: 'name', message: 'A version of this pose has this name already. Choose another.' });
  if (!slug(name)) errors.push({ field: 'name', message: 'A name has letters or figures in it.' });
  else if (poseName !== undefined && !slug(poseName))
    errors.push({ field: 'poseName', message: 'A name has letters or figures in it.' });
  return errors;
}

/** It comes after a rung of its pose, or first. */
function placeErrors({ pose, after }: OwnVariantDraft, { poses }: Catalogue): InputError[] {
  const rungs = poses.find((known) => known.id === pose)?.ladder ?? [];
  if (!after || rungs.some((variant) => variant.id === after)) return [];
  return [{ field: 'after', message: 'The version that it is to come after is not one of this pose.' }];
}

/** An own variant with what its solutions were made from: see `variantPrint`. */
export type ReadOwnVariant = OwnVariant & { print: string };

/**
 * Reads an own variant: solved for every height where it stands, or what is wrong with it. Solving takes some
 * seconds.
 */
export function readOwnVariant(
  draft: OwnVariantDraft,
  { builtIn, catalogue, mark }: OwnVariantPlace,
): { own?: ReadOwnVariant; errors: InputError[] } {
  const trimmed = { ...draft, name: draft.name.trim(), poseName: draft.poseName?.trim() };
  const { name, poseName, angles, after } = trimmed;
  const pose = builtIn.poses.find((known) => known.id === draft.pose);
  const base = pose?.ladder.find((variant) => variant.id === draft.base);
  const errors: InputError[] = base
    ? []
    : [{ field: 'base', message: 'The version it starts from is not in the catalogue.' }];
  errors.push(...angleErrors(angles), ...nameErrors(trimmed, catalogue), ...placeErrors(trimmed, catalogue));
  if (errors.length || !base) return { errors };
  const poseId = poseName ? `own-${slug(poseName)}-${mark}` : draft.pose;
  const id = `${poseId}.own-${slug(name)}-${mark}`;
  const frames = ownFrames(base, angles);
  const variant = variantOfOwn({ id, name, frames }, base);
  const faults = faultsOf(variant);
  if (faults.length)
    return { errors: [{ field: 'angles', message: `This position does not hold: ${faults.join('; ')}.` }] };
  return {
    own: {
      id,
      pose: poseId,
      ...(poseName ? { poseName } : {}),
      base: draft.base,
      name,
      after,
      angles,
      frames,
      solved: solveAll(variant),
      print: variantPrint(variant),
    },
    errors,
  };
}

/** Solved again where bodies are measured in another way by now; the same object where nothing has changed. */
export function measuredAnew(own: ReadOwnVariant, builtIn: Catalogue): ReadOwnVariant {
  const variant = variantOfOwn(own, builtIn.variant(own.base).variant);
  const print = variantPrint(variant);
  return own.print === print ? own : { ...own, solved: solveAll(variant), print };
}
