import type { Pose, Purpose } from '../../poses/types.js';

/** A primary purpose weighs 1, a secondary half (DESIGN section 3). */
const SECONDARY = 0.5;
/**
 * The same action in the same direction of the spine, elsewhere; the same action and place in another
 * direction; the direction alone.
 */
const ELSEWHERE = 0.95;
const OTHER_WAY = 0.85;
const DIRECTION = 0.75;
/** What is only a secondary purpose of the other pose serves a primary so far. */
const BY_THE_WAY = 0.75;

function match(asked: Purpose, other: Purpose): number {
  const action = asked.action === other.action;
  const region = asked.region === other.region;
  const direction = asked.spine !== undefined && asked.spine === other.spine;
  if (action && region) return direction || asked.spine === undefined ? 1 : OTHER_WAY;
  if (direction) return action ? ELSEWHERE : DIRECTION;
  return 0;
}

/**
 * How much of what a pose is for another serves: every purpose of the asked pose by its weight, 0 to 1. Not
 * the same both ways: a pose may serve all of another and something more.
 *
 * @example serves(low lunge, high lunge) // 0.83: the front hip by the way, the strength as its aim
 */
export function serves(asked: Pick<Pose, 'purposes'>, other: Pick<Pose, 'purposes'>): number {
  let served = 0;
  let all = 0;
  asked.purposes.forEach((purpose, i) => {
    const weight = i ? SECONDARY : 1;
    all += weight;
    served +=
      weight * Math.max(...other.purposes.map((own, j) => match(purpose, own) * (j && !i ? BY_THE_WAY : 1)));
  });
  return served / all;
}
