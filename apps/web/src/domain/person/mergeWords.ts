import { RANGES_TO_MEASURE, type MergeConflict } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { CAN_QUESTIONS, LIMB_LABELS } from './canWords.js';
import { SCREENING } from './personValues.js';

const NAMES: Readonly<Record<string, string>> = {
  name: 'Name',
  born: 'Date of birth',
  sex: 'Norms for',
  pronoun: 'Spoken of as',
  heightCm: 'Height in cm',
  weightKg: 'Weight in kg',
  stand: 'Stands',
  kneel: 'Puts weight on the knees',
  why: 'Why they come',
  hopes: 'What they hope for',
  consent: 'Consent',
  limits: 'Personal limits',
  clearances: 'Medical clearances',
  ...Object.fromEntries(CAN_QUESTIONS.map(({ key, label }) => [key, label])),
  ...LIMB_LABELS,
  ...Object.fromEntries(SCREENING),
};

/** A range as it is said: "The arm lifts, right". */
function sayRange(name: string): string {
  const [, bare, side] = /^(.*?)(Right|Left)?$/.exec(name)!;
  const says = RANGES_TO_MEASURE.find(({ range }) => range === bare)?.says ?? bare!;
  return `${says[0]!.toUpperCase()}${says.slice(1)}${side ? `, ${side.toLowerCase()}` : ''}`;
}

/** What two have changed differently, as a heading: "Pregnancy: due date". */
export function sayPath(path: MergeConflict['path']): string {
  const [group, name, key] = path;
  if (group === 'conditions' && name) {
    const condition = RULEBOOK.conditions.find(({ id }) => id === name);
    const field = condition?.fields.find((one) => one.key === key)?.label.toLowerCase();
    return [condition?.name ?? name, field].filter(Boolean).join(': ');
  }
  if (group === 'ranges' && name) return sayRange(name);
  const last = path.at(-1) ?? '';
  return (
    NAMES[last] ??
    last
      .replace(/([A-Z])/g, ' $1')
      .toLowerCase()
      .replace(/^./, (letter) => letter.toUpperCase())
  );
}

/** A value as it stands: "yes", "2027-02-24", "2 entries". */
export function sayValue(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.map(sayValue).join('; ') || 'nothing';
  if (typeof value === 'object')
    return Object.values(value)
      .map(sayValue)
      .filter((words) => words !== 'nothing')
      .join(', ');
  return String(value as string | number);
}
