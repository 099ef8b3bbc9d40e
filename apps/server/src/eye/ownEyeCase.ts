import {
  chanceFrom,
  compareEye,
  sayPlace,
  SOMEBODY,
  type EyeStep,
  type Lane,
  type Verdict,
} from '@lotus-steady/core';
import { unpackedFitting, type KeptFitting } from '../classes/unpackedFitting.js';
import type { RecordOfPerson } from '../classes/openRecord.js';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import type { EyeCaseDto } from './eye.dto.js';

/** A case has so many steps of a class: those that were changed first. */
const STEPS = 8;
/** Ages and heights are told to so much: nobody is known by them. */
const ROUGHLY = 5;
const roughly = (value: number): number => ROUGHLY * Math.round(value / ROUGHLY);

/** "77 years" as "about 75 years". */
const aboutAged = (label: string): string =>
  label.replace(/\b(\d+) years?\b/g, (_, years: string) => `about ${roughly(Number(years))} years`);

/** Steps that make a case of somebody's lane, some of them changed and some not; none where all are alike. */
function stepsOf(lane: Lane): number[] {
  const all = compareEye({}, lane);
  const changed = all.filter(({ given }) => given !== 'as-written');
  const same = all.filter(({ given }) => given === 'as-written');
  if (!changed.length || !same.length) return [];
  const some = changed.slice(0, STEPS / 2);
  return [...some, ...same.slice(0, STEPS - some.length)].map(({ step }) => step).sort((a, b) => a - b);
}

/**
 * Somebody of a class that has been, without a name and only about as old and tall as she is.
 *
 * @param came ids of those who came @param seed chooses among them
 * @returns nothing where everybody did everything alike
 */
export async function ownEyeCase({
  kept,
  own,
  came,
  born,
  heights,
  on,
  seed,
}: {
  kept: KeptFitting;
  own: OwnVariants;
  came: readonly string[];
  born: Readonly<Record<string, string>>;
  heights: Readonly<Record<string, number>>;
  on: string;
  seed: number;
}): Promise<(Omit<EyeCaseDto, 'own' | 'number'> & { personId: string }) | null> {
  const fitting = await unpackedFitting(kept);
  const lanes = fitting.lanes.filter((lane) => came.includes(lane.personId) && stepsOf(lane).length > 0);
  const lane = lanes[Math.floor(chanceFrom(seed)() * lanes.length)];
  if (!lane) return null;
  const catalogue = ownCatalogue(own);
  const shown = new Set(stepsOf(lane));
  const year = born[lane.personId]?.slice(0, 4);
  const heightCm = roughly(heights[lane.personId] ?? SOMEBODY.heightCm);
  return {
    personId: lane.personId,
    person: { ...SOMEBODY, name: 'Somebody of yours', heightCm },
    ...(year ? { age: roughly(Number(on.slice(0, 4)) - Number(year)) } : {}),
    stages: lane.stages.map(({ name, label }) => `${name}: ${aboutAged(label)}`),
    steps: fitting.steps
      .filter(({ step }) => shown.has(step))
      .map(({ step, text, pose, variant }) => ({
        ...{ step, text, pose },
        variant: catalogue.variant(variant).variant.id,
      })),
  };
}

/** What the fitting of that class gave her, beside what a teacher would do now; and what happened then. */
export async function answerOwnEyeCase({
  kept,
  personId,
  marks,
  record,
}: {
  kept: KeptFitting;
  personId: string;
  marks: Readonly<Record<number, Verdict>>;
  record: Pick<RecordOfPerson, 'painBefore' | 'painAfter' | 'changes'> | undefined;
}): Promise<{ steps: EyeStep[]; happened: string[] }> {
  const { lanes, steps: asked } = await unpackedFitting(kept);
  const lane = lanes.find((one) => one.personId === personId);
  if (!lane) return { steps: [], happened: [] };
  const shown = new Set(stepsOf(lane));
  const steps = compareEye(marks, { steps: lane.steps.filter(({ step }) => shown.has(step)) });
  const changes = (record?.changes ?? []).map(({ step, what, where }) => {
    const text = asked.find((one) => one.step === step)?.text ?? `step ${step}`;
    return `${text}: ${what === 'stopped' ? 'stopped' : 'done smaller'}${where ? `, ${sayPlace(where)} hurt` : ''}`;
  });
  const { painBefore = null, painAfter = null } = record ?? {};
  const pain =
    painBefore === null || painAfter === null ? [] : [`pain ${painBefore} before, ${painAfter} after`];
  return { steps, happened: [...changes, ...pain] };
}
