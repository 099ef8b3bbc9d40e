/** Stacks of blankets are set out by the person's size, and what rests on them goes along. */
import { framesFor, isSized, propsFor } from '../../src/poses/sizedProps.js';
import { POSES, variantById } from '../builtIn.js';

const seat = variantById('butterfly.blankets').variant;

test.each([
  [105, 3],
  [118, 3],
  [165, 4],
  [190, 5],
])('at %i cm one sits on %i blankets instead of four', (heightCm, count) => {
  expect(propsFor(seat, heightCm)).toMatchObject([{ kind: 'blanket', count, heightCm: count * 2.5 }]);
  expect(framesFor(seat, heightCm)[0]!.on[0]).toEqual([count * 2.5, 'sit']);
});

test('whoever sits on blankets touches them at every height, and at the author’s height nothing changes', () => {
  const variants = POSES.flatMap(({ ladder }) => ladder).filter(isSized);
  expect(variants.length).toBeGreaterThan(60);
  for (const variant of variants) {
    // Some blankets only lie there, between seat and heels.
    const isStoodOn = (at: number): boolean => {
      const prop = variant.props[at]!;
      return variant.frames.some(({ on }) =>
        on.some(([surface]) => prop.kind === 'blanket' && surface === prop.heightCm),
      );
    };
    expect(framesFor(variant, 165)).toEqual(variant.frames);
    for (const heightCm of [130, 150, 180]) {
      const tops = propsFor(variant, heightCm).flatMap((prop, at) =>
        prop.kind === 'blanket' && isStoodOn(at) ? [prop.heightCm] : [],
      );
      const surfaces = framesFor(variant, heightCm).flatMap(({ on }) => on.map(([surface]) => surface));
      for (const top of tops)
        expect([variant.id, heightCm, surfaces.includes(top)]).toEqual([variant.id, heightCm, true]);
    }
  }
});
