import { makeMeasures, type MeasureName, type Measures } from '../measures.js';

/** What is there or is not: a part has what was solved. */
const EITHER_OR: ReadonlySet<MeasureName> = new Set<MeasureName>([
  'closedTwist',
  'inverted',
  'oneLeg',
  'supports',
  'bellyPressed',
  'supine',
  'abdominalLoad',
  'isometric',
  'eyesClosed',
  'heelsLifted',
  'eyeContact',
  'bind',
  'hang',
  'strap',
  'jumping',
  'met',
]);

/** Whether a quantity is there or not, and never in between. */
export const isEitherOr = (name: string): boolean => EITHER_OR.has(name as MeasureName);

/** Measures that may be less than nothing. */
const SIGNED: ReadonlySet<MeasureName> = new Set<MeasureName>(['headBelowHeart', 'balanceMargin']);

/**
 * What a part of the way asks of another body than the one it was solved for: as much less than the whole as there.
 *
 * @param whole the variant in that body
 * @param solved part of the way, and the whole of it, in the body that was solved
 */
export const tellPart = (whole: Measures, solved: { part: Measures; whole: Measures }): Measures =>
  makeMeasures((name) => {
    if (EITHER_OR.has(name)) return solved.part[name];
    const told = whole[name] + solved.part[name] - solved.whole[name];
    return SIGNED.has(name) ? told : Math.max(0, told);
  });

/**
 * What a variant asks between two of its parts: straight between them.
 *
 * @param share 0 the nearer, 1 the further
 */
export const betweenParts = (near: Measures, far: Measures, share: number): Measures =>
  makeMeasures((name) =>
    EITHER_OR.has(name) ? Math.max(near[name], far[name]) : near[name] + share * (far[name] - near[name]),
  );
