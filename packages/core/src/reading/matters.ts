import { keep } from '../cache.js';
import type { Pose } from '../poses/types.js';
import { words } from './fold.js';

/** Words beside a name that may make another version of it, though no pose of ours is told apart by them. */
const MAY_MATTER = words(
  'hand hands arm arms elbow elbows wrist palm palms finger fingers foot feet toe toes heel heels ankle ' +
    'ankles leg legs knee knees thigh thighs shin shins hip hips pelvis belly back chest heart shoulder ' +
    'shoulders neck head chin forehead eye eyes wall chair block blocks brick strap belt bolster blanket ' +
    'blankets cushion pillow ball table bed couch sofa stool step no not without never one two both up down ' +
    'wide narrow together apart bent straight long short lift lifts lifted raise raised lower twist twisted ' +
    'twisting revolved bind bound hold held closed open crossed cross high low half full deep supported ' +
    'behind over under forward backward back side lying sitting standing kneeling prone jump hop hover ' +
    'balance tiptoe clasp clasped interlaced prayer cactus hanging circles circling pulse pulses pedal ' +
    'throughout during while',
);

/** What may be said beside any name and changes nothing of the shape. */
const HARMLESS = new Set(
  words(
    'pose asana posture stretch gentle gently slow slowly soft softly easy nice steady steadily quiet ' +
      'quietly calm calmly relaxed relax mindful mindfully again now next here breathe breath breathing inhale ' +
      'exhale out flow stay come move variation version option optional practise practice warm finally last ' +
      'first final short long hold held x all everyone they we you it is are let take find keep feel try bit ' +
      'little from through as if needed like',
  ),
);

/** Whether a word may stand beside any name; folded. */
export const isHarmless = (word: string): boolean => HARMLESS.has(word);

const known = new WeakMap<readonly Pose[], ReadonlySet<string>>();

/** Every word that tells poses or versions apart, folded. */
const telling = (poses: readonly Pose[]): ReadonlySet<string> =>
  known.get(poses) ?? keep(known, poses, new Set(collect(poses)));

const collect = (poses: readonly Pose[]): string[] => [
  ...MAY_MATTER,
  ...poses.flatMap((pose) => [
    ...[
      pose.name,
      pose.id,
      ...(pose.sanskrit ? [pose.sanskrit] : []),
      ...pose.aliases,
      ...(pose.writtenAs ?? []),
    ].flatMap(words),
    ...pose.ladder.flatMap(({ id, name, words: own = [] }) =>
      [id.split('.')[1]!, name, ...own].flatMap(words),
    ),
  ]),
];

/**
 * Whether a word that no name explains may mean another version or another pose. Words with a number do; words of which
 * nobody knows that they name anything do not, and are kept as a note.
 *
 * @param word folded, see {@link words}
 */
export const matters = (word: string, poses: readonly Pose[]): boolean =>
  !isHarmless(word) && (/\d/.test(word) || telling(poses).has(word));
