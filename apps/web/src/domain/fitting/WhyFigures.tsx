import { rangesOn, type BodyRanges, type Finding, type LaneStep } from '@lotus-steady/core';
import type { Mark } from '@lotus-steady/figure/scene';
import { ArrowRight } from 'lucide-react';
import { useMemo } from 'react';
import { variantById } from '../../data/catalogue.js';
import { ExactFigure } from '../figure/ExactFigure.js';
import { growingParts } from '../figure/growingParts.js';
import { marksFor } from '../figure/marksFor.js';
import { OwnMoving, Played } from '../figure/Played.js';
import type { PersonBody } from './bodies.js';

/** What was asked beside what is done, on this body; the other parts of a movement below. */
export function WhyFigures({
  entry,
  ranges,
  marked,
  heightCm,
  build,
  look,
}: PersonBody & {
  entry: LaneStep;
  /** How far their joints go. */
  ranges: BodyRanges;
  /** What is marked on the figures. */
  marked: Finding | undefined;
}) {
  const { asFarAs } = entry;
  const side = entry.sides.length === 1 ? entry.sides[0] : undefined;
  const { variant } = variantById(entry.variant);
  const whole = variant.partOf ? variantById(variant.partOf.variant).variant : variant;
  const body = { heightCm, build, look, side };
  const reach = useMemo(() => ({ ranges: rangesOn(side, ranges) }), [side, ranges]);
  const own = useMemo(() => ({ ...reach, ...(asFarAs ? { share: asFarAs.share } : {}) }), [reach, asFarAs]);
  const moving = useMemo(
    () =>
      variant.frames.length > 1
        ? [{ variant: variant.id, own }]
        : growingParts(whole, asFarAs?.share ?? 1)?.map(({ variant: part, share }) => ({
            variant: part,
            own: { ...reach, share },
          })),
    [variant, whole, own, reach, asFarAs],
  );
  const marksOn = (which: 'asked' | 'chosen'): readonly Mark[] =>
    marked && typeof marked.value === 'number' && (marked.on === 'chosen') === (which === 'chosen')
      ? marksFor(marked.measure, marked.value)
      : [];
  const figure = (id: string, caption: string, marks: readonly Mark[]) => (
    <figure className="rounded-xl bg-(--fig-paper)">
      <ExactFigure {...body} variant={id} own={own} marks={marks} className="w-full" />
      <figcaption className="pb-1 text-center text-soft">{caption}</figcaption>
    </figure>
  );
  return (
    <>
      <div className="mt-3 grid grid-cols-[1fr_auto_1fr] items-center gap-1">
        {figure(entry.askedVariant, 'asked', marksOn('asked'))}
        <ArrowRight aria-hidden size={18} className="text-soft" />
        {figure(entry.variant, entry.verdict === 'as-written' ? 'as written' : 'chosen', marksOn('chosen'))}
      </div>
      {moving && (
        <Played>
          <OwnMoving {...body} label={`${variant.name}, moving`} asked={moving} view={whole.view} />
        </Played>
      )}
      {variant.frames.length > 1 && (
        <div className="mt-1 flex justify-end gap-1">
          {variant.frames.map((_, frame) => (
            <ExactFigure
              key={frame}
              {...body}
              variant={entry.variant}
              frame={frame}
              own={own}
              width={96}
              height={80}
              className="w-24"
            />
          ))}
        </div>
      )}
    </>
  );
}
