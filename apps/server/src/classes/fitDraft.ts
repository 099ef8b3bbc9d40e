import {
  fitClass,
  isDate,
  paceOf,
  parseSequence,
  readChoices,
  readHouseView,
  readPeople,
  type Choices,
  type Fitting,
  type HallRules,
  type HouseView,
  type InputError,
  type Pace,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import type { WrittenPersonDto } from '../people/person.dto.js';
import type { FitDto } from './class.dto.js';
import { packed } from './packedFitting.js';

/** What a class is fitted from: what was written, and what is known about who comes and about the hall. */
export interface FitTask {
  draft: Pick<FitDto, 'on' | 'sequenceText' | 'houseView' | 'choices'>;
  coming: readonly {
    id: string;
    version: number;
    person: WrittenPersonDto;
    today: Record<string, unknown>;
  }[];
  hall: {
    houseView: HouseView;
    rules: HallRules;
    pace: Partial<Pace>;
    stock: Record<string, number>;
  };
  own: OwnVariants;
}

/** A fitting with what was read on the way to it. */
export interface Fitted {
  houseView: HouseView;
  choices: Choices;
  fitting: Fitting;
}

/** What is kept of a fitting beside its class. */
export interface FittedToKeep {
  houseView: HouseView;
  choices: Choices;
  refused: Fitting['refused'];
  rulebook: string;
  catalogue: string;
  steps: number;
  /** Own variants that it uses. */
  ownVariants: readonly string[];
  /** The fitting, and what it was made from, packed. */
  output: Uint8Array;
  input: Uint8Array;
}

/** Reads a draft and fits it, or says what of it cannot be read. */
export function fitted({ draft, coming, hall, own }: FitTask): Fitted | { errors: InputError[] } {
  const errors: InputError[] = [];
  const on = isDate(draft.on) ? draft.on : undefined;
  if (!on) errors.push({ field: 'on', message: 'The date is a real date, YYYY-MM-DD.' });
  const catalogue = ownCatalogue(own);
  const { sequence, errors: lines } = parseSequence(draft.sequenceText, catalogue);
  errors.push(...lines.map(({ line, message }) => ({ field: `sequenceText:${line}`, message })));
  const { houseView, errors: views } = readHouseView({ ...hall.houseView, ...draft.houseView }, RULEBOOK);
  const { people, errors: problems } = readPeople(
    coming.map(({ person, today }) => ({ ...person, today })),
    RULEBOOK,
    on,
  );
  const { choices, errors: choiceErrors } = readChoices(
    draft.choices,
    catalogue,
    sequence.steps.length,
    people,
  );
  errors.push(...views, ...problems, ...choiceErrors);
  if (errors.length) return { errors };
  const fitting = fitClass({
    sequence,
    people,
    on: draft.on,
    houseView,
    catalogue,
    rulebook: RULEBOOK,
    hall: hall.rules,
    choices,
    pace: paceOf(hall.pace),
    ...(Object.keys(hall.stock).length ? { stock: hall.stock } : {}),
  });
  return { houseView, choices, fitting };
}

/**
 * Fits a draft.
 *
 * @param keep whether it is to be kept; otherwise it is answered
 * @returns what to keep, or the answer as JSON, or what cannot be read
 */
export function fitDraft(
  task: FitTask & { keep: boolean },
): { keep: FittedToKeep } | { answer: string } | { errors: InputError[] } {
  const done = fitted(task);
  if ('errors' in done) return done;
  const { houseView, choices, fitting } = done;
  if (!task.keep) return { answer: JSON.stringify({ fitting }) };
  const { on, sequenceText } = task.draft;
  const { rules, pace, stock } = task.hall;
  // What was known of them is kept once, under their version.
  const people = task.coming.map(({ id, version, today }) => ({ id, version, today }));
  return {
    keep: {
      houseView,
      choices,
      refused: fitting.refused,
      rulebook: fitting.rulebook,
      catalogue: fitting.catalogue,
      steps: fitting.steps.length,
      ownVariants: usedOf(task.own, fitting),
      output: packed(fitting),
      input: packed({ on, sequenceText, people, houseView, hall: rules, pace, stock, choices }),
    },
  };
}

/** The own variants that a fitting asks for, gives or offers anywhere. */
function usedOf({ list }: OwnVariants, fitting: Fitting): string[] {
  if (!list.length) return [];
  const text = JSON.stringify(fitting);
  return list.map(({ id }) => id).filter((id) => text.includes(`"${id}"`));
}
