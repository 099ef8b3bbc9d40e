/** What figures cost: how long one takes to draw once all is warm, and how large it is. */
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { propsFor } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { drawFigure, neutralLook } from '@lotus-steady/figure';
import { SCULPTURE } from '@lotus-steady/figure/node';

const scenes = BUILT_IN.poses.map(({ id, usual, ladder }) => {
  const variant = ladder.find((one) => one.id === usual)!;
  const { postures, heightCm } = BUILT_IN.postures(usual, 165);
  return {
    posture: postures[0]!,
    heightCm,
    look: neutralLook(id),
    props: propsFor(variant, heightCm),
    view: variant.view,
  };
});

const kilobytes = (bytes: number): number => Math.round(bytes / 100) / 10;

/** The usual version of every pose, drawn three times; the third counts. */
export function measureFigures(
  width: number,
  height: number,
): { medianMs: number; slowMs: number; mostKb: number } {
  const size = { width, height, margin: width < 130 ? 4 : 10 };
  const times: number[] = [];
  let most = 0;
  for (let pass = 0; pass < 3; pass++)
    for (const scene of scenes) {
      const began = performance.now();
      const svg = drawFigure(scene, size, SCULPTURE);
      if (pass < 2) continue;
      times.push(performance.now() - began);
      most = Math.max(most, gzipSync(svg).length);
    }
  times.sort((a, b) => a - b);
  const at = (share: number): number => Math.round(times[Math.floor((times.length - 1) * share)]! * 10) / 10;
  return { medianMs: at(0.5), slowMs: at(0.9), mostKb: kilobytes(most) };
}

/** The sculpted body with its face, compressed. */
export const bodyKb = (): number =>
  kilobytes(
    ['fine.bin', 'coarse.bin', 'face.json']
      .map((name) => gzipSync(readFileSync(`packages/figure/data/${name}`)).length)
      .reduce((a, b) => a + b),
  );
