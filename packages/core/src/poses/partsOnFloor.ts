import { contactsOf } from '../body/contacts.js';
import type { Variant } from './types.js';

const PARTS: readonly (readonly [RegExp, string])[] = [
  [/^(sole|ball|heel|heelBack|instep|ankle|ankleOut|foot|footIn|footOut|toe)/, 'foot'],
  [/^(knee|kneeIn|kneeOut|shin|shinIn|calf)/, 'knee'],
  [/^(palm|palmMid|palmHeel|knuckles|tips|handBack|wrist)/, 'hand'],
  [/^elbow/, 'forearm'],
  [/^(sit|buttock|trochanter|hipJ)/, 'seat'],
  [/^(sacrum|lowBack|midBack|upperBack)/, 'back'],
  [/^(pubis|belly|chest|rib)/, 'front'],
  [/^(neckBack|shoulderJ)/, 'shoulders'],
  [/^(head|crown|forehead|chin|temple)/, 'head'],
];
const PAIRED = new Set(['foot', 'knee', 'hand', 'forearm']);

/**
 * The parts of the body that a variant has on the floor at first: `foot R`, `hand L`, `seat`.
 * A kneeling leg is its knee; what only touches counts too.
 *
 * @example partsOnFloor(opposite arm and leg) // ['hand L', 'knee R']: two
 */
export function partsOnFloor({ frames, props }: Pick<Variant, 'frames' | 'props'>): string[] {
  const found = new Set<string>();
  for (const { name, side, surface } of contactsOf(frames[0]!, props)) {
    const part = surface === 'floor' ? PARTS.find(([pattern]) => pattern.test(name))?.[1] : undefined;
    if (part)
      found.add(PAIRED.has(part) && (side ?? name.slice(-1)) ? `${part} ${side ?? name.slice(-1)}` : part);
  }
  for (const side of ['R', 'L']) if (found.has(`knee ${side}`)) found.delete(`foot ${side}`);
  return [...found].sort();
}
