import {
  createFitter,
  editSequence,
  nextHold,
  paceOf,
  parseSequence,
  readPeople,
  timeOffers,
  NO_CHOICES,
  type Fitting,
  type Catalogue,
  type Choices,
  type Fitter,
  type OneForAll,
  type OwnVariant,
  type SequenceError,
  type TimeLeft,
  type TimeOffer,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { ClassInputs } from '../data/types.js';
import { takeOwn, workCatalogue } from './workCatalogue.js';
import { packer, type PackedFitting } from './packFitting.js';

/** A class fitted, or what stands in the way. */
export interface Fitted {
  packed?: PackedFitting;
  errors: readonly SequenceError[];
}

/** So long the work is practised at most, ms. */
const PRACTISE_MOST = 1500;

let fitter: Fitter | undefined;
/** For plans that nobody is named for yet; it reads them by the catalogue it fits by. */
let sketcher: { of: string; catalogue: Catalogue; fitter: Fitter } | undefined;
let pack = packer();

/** A plan as it would go, and what would fill or trim it. */
export interface Sketch {
  fitting: Fitting;
  offers: readonly TimeOffer[];
}

/** A class that is to end on time: what it is fitted from, and what is left of it. */
export interface Ending {
  source: string;
  choices: Choices;
  inputs: ClassInputs;
  own: readonly OwnVariant[];
  left: TimeLeft;
}

/** The hall's rules of a day. */
export type DayRules = Pick<ClassInputs, 'on' | 'houseView' | 'hall' | 'pace' | 'stock'>;

/** Ready to fit people, as they are written down, by the rules of a day. */
export function fitterOf(
  people: readonly unknown[],
  { on, houseView, hall, pace, stock }: DayRules,
  catalogue: Catalogue,
): Fitter {
  return createFitter({
    people: readPeople(people, RULEBOOK, on).people,
    on,
    houseView,
    hall,
    catalogue,
    rulebook: RULEBOOK,
    pace: paceOf(pace),
    ...(stock ? { stock } : {}),
  });
}

/** A class fitted again and again while it is edited; what an edit does not touch is kept. */
export const fitWork = {
  /** Takes in who is coming and the rules of the day. */
  ready({ people, ...rules }: ClassInputs, own: readonly OwnVariant[]): void {
    fitter = fitterOf(people, rules, takeOwn(own));
    pack = packer();
  },
  /** `progress` is told after each person. */
  fit(source: string, choices: Choices, progress?: (done: number, of: number) => void): Fitted {
    const { sequence, errors } = parseSequence(source, workCatalogue());
    return fitter && !errors.length
      ? { packed: pack(fitter.fit(sequence, choices, progress)), errors }
      : { errors };
  },
  /**
   * Fits a class in fewer versions and with one hold after another changed, for nobody to see: the first
   * edit then finds the work familiar. It steps aside for what is asked meanwhile.
   */
  async practise(source: string, choices: Choices): Promise<void> {
    const read = (text: string) => parseSequence(text, workCatalogue());
    const { sequence, errors } = read(source);
    const began = performance.now();
    const unsent = packer();
    if (errors.length) return;
    const edits = ([1, -1] as const).flatMap((by) =>
      sequence.steps.flatMap(({ number }) => {
        const hold = nextHold(source, number, by, workCatalogue());
        return hold
          ? [
              () =>
                read(editSequence(source, workCatalogue(), { kind: 'hold', step: number, hold }).source)
                  .sequence,
            ]
          : [];
      }),
    );
    const fits = [
      { edit: () => sequence, own: { ...choices, fewerVersions: !choices.fewerVersions } },
      ...edits.map((edit) => ({ edit, own: choices })),
    ];
    for (const { edit, own } of fits) {
      if (!fitter || performance.now() - began > PRACTISE_MOST) return;
      unsent(fitter.fit(edit(), own));
      await new Promise((resolve) => {
        setTimeout(resolve);
      });
    }
  },
  /**
   * A plan fitted to people as they are written down, for nobody to keep; undefined where nothing of it is sure.
   *
   * @param offering whether it is asked what would fill or trim it
   */
  sketch(
    source: string,
    people: readonly unknown[],
    rules: DayRules,
    own: readonly OwnVariant[],
    offering: boolean,
  ): Sketch | undefined {
    const of = JSON.stringify([people, rules, own]);
    if (sketcher?.of !== of) {
      const catalogue = takeOwn(own);
      sketcher = { of, catalogue, fitter: fitterOf(people, rules, catalogue) };
    }
    const { catalogue, fitter: sketched } = sketcher;
    const { sequence } = parseSequence(source, catalogue);
    if (!sequence.steps.length) return undefined;
    const fitting = sketched.fit(sequence, NO_CHOICES);
    if (!offering) return { fitting, offers: [] };
    const tools = { catalogue, fitter: sketched, on: rules.on, pace: paceOf(rules.pace) };
    return { fitting, offers: timeOffers(sequence, fitting.minutes.written, tools) };
  },
  /** A class that has begun, the rest within what is left of the time. @throws where its sequence cannot be read */
  endOnTime({ source, choices, inputs, own, left }: Ending): Fitting {
    const catalogue = takeOwn(own);
    const { people, ...rules } = inputs;
    const { sequence, errors } = parseSequence(source, catalogue);
    if (errors.length) throw new Error('The sequence of this class cannot be read any more.');
    return fitterOf(people, rules, catalogue).fit(sequence, choices, undefined, left);
  },
  /** What everybody could do at a step. */
  oneForAll(source: string, step: number, choices: Choices): OneForAll[] {
    return fitter?.oneForAll(parseSequence(source, workCatalogue()).sequence, step, choices) ?? [];
  },
};
