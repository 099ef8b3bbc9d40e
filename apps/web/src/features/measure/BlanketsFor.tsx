import type { Build } from '@lotus-steady/core';
import { useStock } from '../../data/hall/useStock.js';
import { useSize } from '../../workers/useWork.js';

/** How high the shoulders lie on blankets for a neck that goes so far. */
export function BlanketsFor({
  neckFlexion,
  heightCm,
  build,
}: {
  neckFlexion: number;
  heightCm: number;
  build: Build;
}) {
  const stock = useStock();
  const { data } = useSize('shoulder-stand-blankets', { heightCm, build, neckFlexion }, stock);
  if (!data) return null;
  return (
    <p className="mt-3">
      For a shoulder stand or plough, if it is open: {data.words} {data.where}.{' '}
      <span className="text-soft">{data.check}</span>
    </p>
  );
}
