import { buildBody, sub, unrotate, type Body, type Vec3 } from '@lotus-steady/core/body';
import { REST_POSTURE } from '../src/body/restPosture.js';
import type { Field } from './field.js';

/** The body that is sculpted: grown, 165 cm, in the rest posture. */
export const REST: Body = buildBody(REST_POSTURE, 165);

/** A place in a frame's own axes. */
export const inFrame = (frame: string, place: Vec3): Vec3 =>
  unrotate(REST.frames[frame]!.rotation, sub(place, REST.frames[frame]!.origin));

/** A field that is described in a frame's axes, for places in the room. */
export const within =
  (frame: string, field: Field): Field =>
  (place) =>
    field(inFrame(frame, place));

/** The right-hand twin of a place: only that half is described. */
export const onTheRight = (place: Vec3): Vec3 => [place[0], place[1], Math.abs(place[2])];
