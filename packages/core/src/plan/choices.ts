import type { Catalogue } from '../poses/catalogue.js';
import type { InputError } from '../people/types.js';
import type { Person } from '../people/types.js';

/** The teacher's own choice for one person at one step; it stays while everything round it is fitted again. */
export interface Override {
  personId: string;
  step: number;
  variant: string;
  holdSeconds?: number;
  reason: string;
}
/** A step that everybody does another way. */
export interface StepSwap {
  step: number;
  variant: string;
  reason: string;
}

/** What a teacher decides about a class beside its sequence. Steps count from 1. */
export interface Choices {
  overrides: readonly Override[];
  swaps: readonly StepSwap[];
  /** Rather few different things at once than the best for each. */ fewerVersions: boolean;
}

export const NO_CHOICES: Choices = { overrides: [], swaps: [], fewerVersions: false };

/** Longest reason that is kept. */
const REASON_MOST = 300;

/**
 * Reads choices as sent or kept, saying where they cannot be. Whose a choice is, is said by `personId`; a
 * name (`person`) is taken too, as files have it and as choices were kept before.
 */
export function readChoices(
  value: unknown,
  catalogue: Catalogue,
  steps: number,
  people: readonly Pick<Person, 'id' | 'name'>[],
): { choices: Choices; errors: InputError[] } {
  const errors: InputError[] = [];
  const table = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  const list = (key: string): Record<string, unknown>[] => {
    const found = table[key] ?? [];
    if (!Array.isArray(found)) errors.push({ field: `choices.${key}`, message: 'A list is needed.' });
    return Array.isArray(found) ? (found as Record<string, unknown>[]) : [];
  };
  const common = (
    one: Record<string, unknown>,
    field: string,
  ): { step: number; variant: string; reason: string } => {
    const { step, variant, reason } = one;
    if (typeof step !== 'number' || !Number.isInteger(step) || step < 1 || step > steps)
      errors.push({ field: `${field}.step`, message: 'There is no such step in this class.' });
    if (
      typeof variant !== 'string' ||
      !catalogue.poses.some((pose) => pose.ladder.some(({ id }) => id === variant))
    )
      errors.push({ field: `${field}.variant`, message: 'This is not in the catalogue.' });
    if (typeof reason !== 'string' || !reason.trim())
      errors.push({ field: `${field}.reason`, message: 'Say why, so that it can be understood later.' });
    return {
      step: step as number,
      variant: variant as string,
      reason: String(reason).trim().slice(0, REASON_MOST),
    };
  };
  const overrides = list('overrides').map((one, i): Override => {
    const field = `choices.overrides[${i}]`;
    const { holdSeconds } = one;
    const personId = one.personId ?? people.find(({ name }) => name === one.person)?.id ?? one.person;
    if (typeof personId !== 'string' || !personId)
      errors.push({ field: `${field}.personId`, message: 'Whose choice is it?' });
    if (
      holdSeconds !== undefined &&
      (typeof holdSeconds !== 'number' || !(holdSeconds > 0 && holdSeconds <= 3600))
    )
      errors.push({ field: `${field}.holdSeconds`, message: 'A hold is between 1 second and an hour.' });
    return {
      personId: String(personId),
      ...common(one, field),
      ...(typeof holdSeconds === 'number' ? { holdSeconds } : {}),
    };
  });
  const swaps = list('swaps').map((one, i): StepSwap => common(one, `choices.swaps[${i}]`));
  return { choices: { overrides, swaps, fewerVersions: table.fewerVersions === true }, errors };
}
