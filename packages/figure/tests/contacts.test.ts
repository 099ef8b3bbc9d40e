/** What a drawn body rests on: the skin meets it, and nothing sinks in. */
import { BUILT_IN } from '@lotus-steady/core/built-in';
import {
  contactsOf,
  FLAT_POINTS,
  POINT_RADIUS,
  wallAt,
  type Contact,
  type Vec3,
} from '@lotus-steady/core/body';
import { framesFor } from '../../core/src/poses/sizedProps.js';
import { supportOf } from '../src/body/settle.js';
import { stageOf, type Stage } from '../src/index.js';
import { SCULPTURE } from '../src/node.js';
import { scenesOf, VARIANTS } from './scenes.js';

/** How near the skin must come to what a point rests on, cm. */
const NEAR_CM = 0.55;
/** Skin about a contact that is looked at, cm. */
const ABOUT_CM = 7;

/** Contacts that no drawn prop bears, and why. */
const APART: readonly (readonly [RegExp, string])[] = [
  [/(forehead|temple[RL]) on (3|4|5)$/, 'the head rests on the hands'],
  [/forehead on (53|80)$/, 'the head rests on the forearms'],
  [/^side-rest\.hug.* footInR on 18$/, 'the foot hangs over the end of the bolster'],
  [/headBack on (44\.5|52)$/, 'the head lies past the round end of the bolster'],
  [/^warrior-one\.chair.* sitR on seat$/, 'half of the seat is beside the chair: the leg goes back'],
  [/^splits\.blocks.* thighMid[RL] on 22$/, 'the thigh only comes near the bolster'],
];

/** The least distance of the skin about a place to what it rests on, cm. */
function gapOf({ skinned, pieces }: Stage, contact: Contact, place: Vec3): number {
  const { position } = skinned;
  const supports = pieces.filter(({ firm }) => firm).map(supportOf);
  const { normal, distance } = contact.plane;
  const isPlane = contact.surface === 'floor' || contact.surface === 'wall';
  let least = Infinity;
  for (let i = 0; i < position.length; i += 3) {
    const [x, y, z] = [position[i]!, position[i + 1]!, position[i + 2]!];
    if ((x - place[0]) ** 2 + (y - place[1]) ** 2 + (z - place[2]) ** 2 > ABOUT_CM ** 2) continue;
    const gap = isPlane
      ? normal[0] * x + normal[1] * y + normal[2] * z - distance
      : Math.min(...supports.map((support) => support.distance(x, y, z)));
    least = Math.min(least, gap);
  }
  return least;
}

/** Contacts of a version whose skin is not where it should be. */
function faultsOf(id: string): string[] {
  const variant = VARIANTS.find((one) => one.id === id)!;
  const { heightCm } = BUILT_IN.postures(id, 165);
  const frames = framesFor(variant, heightCm);
  return scenesOf(id).flatMap((scene, i) => {
    const stage = stageOf(scene, SCULPTURE.fine);
    return contactsOf(frames[i]!, scene.props).flatMap((contact) => {
      const names = contact.flat
        ? FLAT_POINTS[contact.flat].map((name) => name + contact.side)
        : [contact.name];
      return names.flatMap((name) => {
        const at = stage.body.points[name]!;
        const { normal } = contact.plane;
        const radius = POINT_RADIUS[name]! * heightCm;
        const gap = gapOf(stage, contact, at.map((v, k) => v - normal[k]! * radius) as Vec3);
        const says = `${id} ${i}: ${name} on ${contact.surface}`;
        if (Math.abs(gap) <= NEAR_CM || APART.some(([pattern]) => pattern.test(says))) return [];
        return [`${says}: ${gap.toFixed(1)} cm`];
      });
    });
  });
}

const poses = BUILT_IN.poses.map((pose) => [pose.id, pose.ladder.map(({ id }) => id)] as const);
test.each([...poses, ['the ways between levels', BUILT_IN.ways.map(({ variant }) => variant.id)] as const])(
  '%s: soles, palms, seat and head meet what they rest on',
  (_name, ids) => expect(ids.flatMap(faultsOf)).toEqual([]),
);

/** What two props press from both sides may stay in one of them so far, cm. */
const PRESSED_CM = 2.5;

test('nothing is below the floor, beyond the wall or within what bears', () => {
  const sunk = VARIANTS.flatMap(({ id }) =>
    scenesOf(id).flatMap((scene) => {
      const { skinned, pieces } = stageOf(scene, SCULPTURE.coarse);
      const { position } = skinned;
      const wall = wallAt(scene.props) ?? Infinity;
      const supports = pieces.filter(({ firm }) => firm).map(supportOf);
      let [floor, beyond, within] = [0, 0, 0];
      for (let i = 0; i < position.length; i += 3) {
        const [x, y, z] = [position[i]!, position[i + 1]!, position[i + 2]!];
        floor = Math.max(floor, -y);
        beyond = Math.max(beyond, x - wall);
        for (const { distance } of supports) within = Math.max(within, -distance(x, y, z));
      }
      return floor > 1e-3 || beyond > 1e-3 || within > PRESSED_CM
        ? [`${id} ${floor} ${beyond} ${within}`]
        : [];
    }),
  );
  expect(sunk).toEqual([]);
});
