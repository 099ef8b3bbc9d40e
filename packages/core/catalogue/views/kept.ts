/** Ids of variants, or how they begin, that keep their author's view whatever the measure says; with the reason. */
export const KEPT_VIEWS: Readonly<Record<string, string>> = {
  'supine-twist': 'lying people are shown with their heads up or to the left, never hanging towards the reader',
  'pelvic-tilt.standing': 'a tilt is seen from the side only',
  'chin-tuck': 'a chin that draws back is seen from the side only',
  'neck-side-stretch.arm-behind': 'the clasped hands are what it is about',
  'wall-chest-opener': 'the wall is told as one, not as a line',
  'neck-turn': 'where the face looks is told by a chest that does not',
  'reclined-butterfly': 'knees that fall open are seen from the feet',
  'wide-legged-fold': 'legs that stand wide are seen from the front; from the side it is a pyramid',
  'all-fours-hip-circles': 'hips that go to the side as well as back are no cat and cow',
  'headstand.wall': 'the wall is behind her back',
};
