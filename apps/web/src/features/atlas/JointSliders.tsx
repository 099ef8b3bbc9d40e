import { OWN_JOINTS, type Ball, type OwnAngles, type Posture } from '@lotus-steady/core';
import { RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { OneOf } from '../../ui/OneOf.js';
import { Button } from '../../ui/Button.js';

const SIDES = [
  ['', 'both sides'],
  ['R', 'right'],
  ['L', 'left'],
] as const;
const keyed = (key: string, side: string): string => key.replace(/^[a-z]+/, (word) => word + side);

const BALL_PARTS = ['flexion', 'abduction', 'rotation'];
/** The angle of a joint in a posture: `kneeR`, `hipL.flexion`, `lumbar`. */
function angleIn(posture: Posture | undefined, key: string): number {
  const [joint = '', part] = key.split('.');
  const value = (posture as unknown as Record<string, number | Ball> | undefined)?.[joint];
  return typeof value === 'number' ? value : (value?.[BALL_PARTS.indexOf(part ?? '')] ?? 0);
}

/** Sets angles, with every slider's movement as one step back. */
export function useAngles(
  angles: OwnAngles,
  onChange: (angles: OwnAngles) => void,
): {
  set: (key: string, degrees: number) => void;
  undo: (() => void) | undefined;
} {
  const [past, setPast] = useState<readonly OwnAngles[]>([]);
  const before = past[past.length - 1];
  const set = (key: string, degrees: number): void => {
    const next = { ...angles, [key]: degrees };
    const onlyThis =
      before &&
      key in angles &&
      Object.keys(next).every((each) => each === key || next[each] === before[each]);
    if (!onlyThis) setPast([...past, angles]);
    onChange(next);
  };
  const undo = (): void => {
    setPast(past.slice(0, -1));
    if (before) onChange(before);
  };
  return { set, undo: before ? undo : undefined };
}

/** A slider for each joint, of both sides or of one; what was not set stands where the posture has it. */
export function JointSliders({
  angles,
  posture,
  onSet,
  onUndo,
}: {
  angles: OwnAngles;
  posture: Posture | undefined;
  onSet: (key: string, degrees: number) => void;
  onUndo: (() => void) | undefined;
}) {
  const [side, setSide] = useState<(typeof SIDES)[number][0]>('');
  const current = ({ key, sided }: (typeof OWN_JOINTS)[number]): number =>
    sided
      ? (angles[keyed(key, side)] ?? angles[key] ?? angleIn(posture, keyed(key, side || 'R')))
      : (angles[key] ?? angleIn(posture, key));
  return (
    <fieldset>
      <legend className="mb-2 font-display text-xl font-semibold">Joints</legend>
      <div className="mb-3 flex flex-wrap gap-2">
        <OneOf label="Which side of the limbs" of={SIDES} value={side} onChange={setSide} />
        <Button look="quiet" disabled={!onUndo} onClick={onUndo}>
          <RotateCcw aria-hidden size={18} />
          Undo
        </Button>
      </div>
      {OWN_JOINTS.map((joint) => {
        const key = joint.sided ? keyed(joint.key, side) : joint.key;
        const value = Math.round(current(joint));
        return (
          <label key={joint.key} className="flex flex-wrap items-center gap-x-3 py-1 sm:flex-nowrap">
            <span className="w-full sm:w-60 sm:shrink-0">{joint.name}</span>
            <input
              type="range"
              min={joint.least}
              max={joint.most}
              step={1}
              value={Math.max(joint.least, Math.min(joint.most, value))}
              onChange={(event) => onSet(key, Number(event.target.value))}
              className="min-w-0 flex-1 accent-(--teal)"
            />
            <span
              className={`w-14 text-right tabular-nums ${key in angles ? 'font-bold text-teal' : 'text-soft'}`}
            >
              {value}°
            </span>
          </label>
        );
      })}
    </fieldset>
  );
}
