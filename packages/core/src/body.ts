/** The body alone: what a drawing of it needs to know, and nothing of poses, people or rules. */
export { BUILDS, HEAD_MASS, type Build, type BuildPart } from './body/build.js';
export { contactsOf, FLAT_POINTS, type Contact, type Plane } from './body/contacts.js';
export {
  ballAngles,
  ballRotation,
  buildBody,
  rootAngles,
  rootRotation,
  type Body,
  type Frame,
} from './body/kinematics.js';
export { BODY_POINTS, POINT_RADIUS, SKIN_POINTS, type BodyPoint } from './body/landmarks.js';
export * from './body/maths.js';
export {
  completePosture,
  HINGES,
  MIDLINE_KEYS,
  mirrorPosture,
  packPosture,
  unpackPosture,
  type Posture,
} from './body/posture.js';
export { segmentMasses } from './body/segmentMasses.js';
export { LENGTH, MASS } from './body/segments.js';
export { chairBoxes, SEAT_CM, wallAt, type PropPlacement, type Shape } from './body/shape.js';
export { fromPlanes, toPlanes } from './poses/bytePlanes.js';
