import {
  figureLabel,
  inBody,
  mirrorMeasures,
  partId,
  underFeetCm,
  USUAL_BODY,
  type Build,
  type MeasureName,
  type Pose,
  type Side,
  type Variant,
} from '@lotus-steady/core';
import { useMemo, useState } from 'react';
import { catalogue, variantById } from '../../data/catalogue.js';
import { marksFor } from '../../domain/figure/marksFor.js';
import { MovingFigure } from '../../domain/figure/MovingFigure.js';
import { shownScenes } from '../../domain/figure/shownScenes.js';
import { growingScenes } from '../../domain/figure/growingScenes.js';
import { OneOf } from '../../ui/OneOf.js';
import { SelectField } from '../../ui/Field.js';
import { useShown } from '../../workers/useWork.js';
import { MeasureBars } from './MeasureBars.js';
import { StrengthBands } from './StrengthBands.js';

const BODIES: readonly (readonly [Build, string, readonly number[]])[] = [
  ['adult', 'adult', [140, 150, 160, 165, 170, 180, 190]],
  ['child-9-12', 'child of 9 to 12', [135, 145, 155]],
  ['child-6-8', 'child of 6 to 8', [115, 125, 130]],
  ['child-3-5', 'child of 3 to 5', [95, 105, 110]],
];

/** Shares of the way that can be looked at. */
const HOW_FAR: readonly (readonly [share: number, words: string])[] = [
  [0.25, '¼'],
  [0.5, '½'],
  [0.75, '¾'],
  [1, 'all the way'],
];

/** What the numbers say about props that do not reach: a book under the feet, or more height. */
function sayGap(gapCm: number, variant: Variant, heightCm: number, build: Build): string | undefined {
  const feet = underFeetCm(variant, heightCm, build);
  if (feet)
    return (
      `At ${heightCm} cm a 45 cm chair is high: put about ${Math.round(feet)} cm under the feet, a ` +
      `book or a folded blanket.`
    );
  return gapCm < 1
    ? undefined
    : `At ${heightCm} cm ${gapCm.toFixed(1)} cm are missing to the props: raise them by as much.`;
}

/** What is looked at: one key frame, or all of the movement. */
type Still = number | 'move';

/** The figure of a variant, for a side, a part of the movement, a body; and what it asks of that body. */
export function PoseFigure({ pose, variant }: { pose: Pose; variant: Variant }) {
  const [side, setSide] = useState<Side>('right');
  const [body, setBody] = useState<Body>({ build: 'adult', heightCm: 165 });
  const [frame, setFrame] = useState<Still>('move');
  const [share, setShare] = useState(1);
  const [marked, setMarked] = useState<MeasureName>();
  const { build, heightCm } = body;
  const id = variant.grows && share < 1 ? partId(variant.id, share) : variant.id;
  const { data: shown } = useShown(id, heightCm, build);
  const gap = sayGap(shown?.gapCm ?? 0, variant, heightCm, build);
  const measures = shown ? inBody(shown.measures, USUAL_BODY) : catalogue().measures(id, heightCm, build);
  const asked = side === 'left' ? mirrorMeasures(measures) : measures;
  const scenes = useMemo(
    () =>
      shownScenes(shown, {
        pose: pose.id,
        variant: { ...variant, id },
        build,
        heightCm,
        left: side === 'left' && Boolean(pose.side),
      }),
    [pose, variant, id, shown, build, heightCm, side],
  );
  const marks = useMemo(() => (marked ? marksFor(marked, asked[marked]) : []), [marked, asked]);
  const isMovement = variant.frames.length > 1;
  const howFar = Math.max(
    0,
    HOW_FAR.findIndex(([each]) => each === share),
  );
  // What grows plays from a quarter of its way to all of it; what is looked at is solved for the body shown.
  const plays = useMemo(() => {
    const shares = HOW_FAR.map(([each]) => each);
    const left = side === 'left' && Boolean(pose.side);
    return growingScenes(variant, shares, { build, heightCm, left })?.with(howFar, scenes[0]!) ?? scenes;
  }, [variant, build, heightCm, side, pose.side, howFar, scenes]);
  return (
    <section aria-label="The figure">
      <div className="bg-ground lg:sticky lg:top-0 lg:z-10">
        <MovingFigure
          label={figureLabel(
            pose,
            variantById(id).variant,
            isMovement ? frame : 0,
            pose.side ? side : undefined,
          )}
          scenes={plays}
          still={isMovement ? frame : Math.min(howFar, plays.length - 1)}
          marks={marks}
        />
      </div>
      <div className="no-print mt-2 flex flex-wrap items-end gap-3">
        {isMovement && (
          <OneOf
            label="Part of the movement"
            of={[
              ['move' as Still, 'all'],
              ...variant.frames.map((_, i): [Still, string] => [i, String(i + 1)]),
            ]}
            value={frame}
            onChange={setFrame}
          />
        )}
        {variant.grows && <OneOf label="How far" of={HOW_FAR} value={share} onChange={setShare} />}
        {pose.side && (
          <OneOf
            label="Side"
            of={[
              ['right', 'right'],
              ['left', 'left'],
            ]}
            value={side}
            onChange={setSide}
          />
        )}
        <BodyFields body={body} onChange={setBody} />
      </div>
      {pose.side && <p className="mt-1 text-sm text-soft">Right and left name {pose.side}.</p>}
      {gap && <p className="mt-2 rounded-lg bg-clay-wash p-3 font-semibold">{gap}</p>}
      <h2 className="mt-6 mb-2 text-xl">What it asks of a body</h2>
      <MeasureBars measures={asked} marked={marked} onMark={setMarked} />
      <StrengthBands measures={measures} spread={catalogue().measures(id, heightCm, build).momentSpread} />
      <p className="mt-2 text-sm text-soft">
        Tick: the usual range (AAOS 1965, neck Youdas 1992; wrist, knee and ankle as they are under load).
        About {variant.declared.met} METs ({variant.declared.metFrom}).
      </p>
    </section>
  );
}

interface Body {
  build: Build;
  heightCm: number;
}

/** Whose body it is: how grown, and how tall among those. */
function BodyFields({ body: { build, heightCm }, onChange }: { body: Body; onChange: (body: Body) => void }) {
  const heights = (of: string): readonly number[] => BODIES.find(([key]) => key === of)![2];
  return (
    <>
      <SelectField
        label="Body"
        labelLook="small"
        value={build}
        onChange={(event) => {
          const list = heights(event.target.value);
          onChange({
            build: event.target.value as Build,
            heightCm: list[Math.floor(list.length / 2)]!,
          });
        }}
      >
        {BODIES.map(([key, name]) => (
          <option key={key} value={key}>
            {name}
          </option>
        ))}
      </SelectField>
      <SelectField
        label="Height"
        labelLook="small"
        value={heightCm}
        onChange={(event) => onChange({ build, heightCm: Number(event.target.value) })}
      >
        {heights(build).map((cm) => (
          <option key={cm} value={cm}>
            {cm} cm
          </option>
        ))}
      </SelectField>
    </>
  );
}
