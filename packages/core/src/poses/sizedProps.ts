import { AUTHOR_HEIGHT } from '../body/residuals.js';
import type { PropPlacement, Shape } from '../body/shape.js';
import type { Variant } from './types.js';

/** A folded blanket, cm. */
const FOLD_CM = 2.5;

type Blanket = Extract<PropPlacement, { kind: 'blanket' }>;

/** Whether a prop is a stack of folded blankets on the floor, of which the smaller take fewer. */
const isStack = (prop: PropPlacement): prop is Blanket =>
  prop.kind === 'blanket' && prop.heightCm === prop.count * FOLD_CM;

/**
 * How many of so many blankets suit a height, whole ones: four under 165 cm are a tower under a child.
 *
 * @example blanketsFor(4, 118) // 3
 */
const blanketsFor = (count: number, heightCm: number): number =>
  Math.max(1, Math.round((count * heightCm) / AUTHOR_HEIGHT));

function sized(prop: PropPlacement, heightCm: number): PropPlacement {
  if (prop.kind === 'wall') return { ...prop, x: (prop.x * heightCm) / AUTHOR_HEIGHT };
  if (!isStack(prop)) return prop;
  const count = blanketsFor(prop.count, heightCm);
  return { ...prop, count, heightCm: count * FOLD_CM };
}

/**
 * Props as they are set out for a body of this height: walls stand where they suit her, and the smaller sit on fewer
 * blankets; all else stays its size.
 */
export const propsFor = ({ props }: Pick<Variant, 'props'>, heightCm: number): PropPlacement[] =>
  props.map((prop) => sized(prop, heightCm));

/** Points named in one word of a contact: `sit?` is both sitting bones. */
const pointsOf = (word: string): readonly string[] => {
  const name = word.replace('?', '');
  return /[RL]$/.test(name) ? [name] : [name, `${name}R`, `${name}L`];
};

/** A shape whose points rest on the same blankets as {@link propsFor} sets out. */
function onSized(shape: Shape, props: readonly PropPlacement[], heightCm: number): Shape {
  const stacks = props.filter(isStack);
  if (!stacks.length) return shape;
  const on = shape.on.map(([surface, points]): Shape['on'][number] => {
    const stack = stacks.find(
      ({ heightCm: top, under }) =>
        top === surface &&
        points.split(' ').some((word) => pointsOf(word).some((name) => under.includes(name))),
    );
    return stack ? [blanketsFor(stack.count, heightCm) * FOLD_CM, points] : [surface, points];
  });
  return { ...shape, on };
}

/** Key frames as they are for a body of this height, on the props that {@link propsFor} sets out. */
export const framesFor = (
  { frames, props }: Pick<Variant, 'frames' | 'props'>,
  heightCm: number,
): readonly Shape[] => frames.map((shape) => onSized(shape, props, heightCm));

/** Whether a variant stands on something that is set out by size. */
export const isSized = ({ props }: Pick<Variant, 'props'>): boolean => props.some(isStack);
