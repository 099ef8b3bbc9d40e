/** The command `fit`: a sequence and people from files, the fitted class as JSON or text. */
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import {
  fitClass,
  isDate,
  paceOf,
  parseSequence,
  readChoices,
  readHouseView,
  readPace,
  readPeople,
  readStock,
  type Fitting,
  type InputError,
} from '@lotus-steady/core';
import { BUILT_IN, RULEBOOK } from '@lotus-steady/core/built-in';

/** What was asked for cannot be done as written; the message says why. */
export class UsageError extends Error {}

const USAGE =
  'Usage: npm run --silent fit -- --sequence FILE --people FILE --on YYYY-MM-DD [--out json|text]';

function readText(file: string | undefined, what: string): string {
  if (!file) throw new UsageError(`--${what} is missing.\n${USAGE}`);
  try {
    return readFileSync(file, 'utf8');
  } catch {
    throw new UsageError(`The ${what} file ${file} cannot be read.`);
  }
}

/**
 * Fits the class that the words of a command line name.
 *
 * @param words as after `npm run fit --`
 * @returns what is printed: the fitting as JSON, or as text
 * @throws UsageError with every reason, a line each
 */
export function fitCommand(words: readonly string[]): string {
  let values: { sequence?: string; people?: string; on?: string; out?: string };
  try {
    ({ values } = parseArgs({
      args: [...words],
      options: {
        sequence: { type: 'string' },
        people: { type: 'string' },
        on: { type: 'string' },
        out: { type: 'string', default: 'text' },
      },
    }));
  } catch (error) {
    throw new UsageError(`${(error as Error).message}\n${USAGE}`);
  }
  const { on, out } = values;
  if (!isDate(on)) throw new UsageError(`--on needs a real date, YYYY-MM-DD.\n${USAGE}`);
  if (out !== 'json' && out !== 'text') throw new UsageError('--out is json or text.');
  const { sequence, errors: lines } = parseSequence(readText(values.sequence, 'sequence'), BUILT_IN);
  if (lines.length) throw new UsageError(lines.map((line) => line.message).join('\n'));
  let data: unknown;
  try {
    data = JSON.parse(readText(values.people, 'people'));
  } catch (error) {
    if (error instanceof UsageError) throw error;
    throw new UsageError(`The people file is not JSON: ${(error as Error).message}`);
  }
  const table = (typeof data === 'object' && data !== null ? data : {}) as Record<string, unknown>;
  const unknown = Object.keys(table)
    .filter((key) => !['people', 'houseView', 'stock', 'pace', 'choices'].includes(key))
    .map((key): InputError => ({
      field: key,
      message: `"${key}" is not known here; people, houseView, stock, pace and choices are.`,
    }));
  const { people, errors } = readPeople(table.people, RULEBOOK, on);
  const { houseView, errors: viewErrors } = readHouseView(table.houseView, RULEBOOK);
  const { stock, errors: stockErrors } = table.stock === undefined ? { errors: [] } : readStock(table.stock);
  const { choices, errors: choiceErrors } = readChoices(
    table.choices,
    BUILT_IN,
    sequence.steps.length,
    people,
  );
  const { pace, errors: paceErrors } = readPace(table.pace);
  const problems = [...unknown, ...errors, ...viewErrors, ...stockErrors, ...choiceErrors, ...paceErrors];
  if (problems.length)
    throw new UsageError(problems.map(({ field, message }) => `${field}: ${message}`).join('\n'));
  const fitting = fitClass({
    sequence,
    people,
    on,
    houseView,
    catalogue: BUILT_IN,
    rulebook: RULEBOOK,
    choices,
    pace: paceOf(pace),
    ...(stock ? { stock } : {}),
  });
  return out === 'json' ? JSON.stringify(fitting, null, 1) : asText(fitting);
}

const MARKS = { 'as-written': 'as written', eased: 'eased', swapped: 'swapped', rest: 'rest' } as const;

function asText({ title, on, minutes, steps, lanes, room, notes, refused }: Fitting): string {
  const shortened = minutes.written > minutes.planned ? `, shortened from ${minutes.written}` : '';
  const over = minutes.over ? `; still ${minutes.over} over` : '';
  const out = [`${title}, ${on}: ${minutes.planned} of ${minutes.asked} minutes${shortened}${over}`];
  for (const { person, stages, alerts } of lanes) {
    const known = stages.map((stage) => `${stage.name}, ${stage.label}`);
    const said = alerts.map((alert) => `[${alert.kind}] ${alert.text}`);
    if (known.length || said.length) out.push(`  ${person}: ${[...known, ...said].join(' · ')}`);
  }
  for (const step of steps) {
    out.push(
      '',
      `${step.step}. ` +
        `${step.text}${step.leftOut ? ' (left out to keep the time)' : ''}${
          step.shortened ? ` (cut to ${step.shortened.to} ${step.shortened.unit} to keep ` + `the time)` : ''
        }`,
    );
    const entries = lanes.flatMap((lane) =>
      lane.steps.filter((entry) => entry.step === step.step).map((entry) => ({ person: lane.person, entry })),
    );
    for (const { person, entry } of entries)
      if (entry.then)
        out.push(
          `   then, ${person}: ${BUILT_IN.variant(entry.then.variant).pose.name}, ` +
            `${Math.round(entry.then.hold.seconds)} s (${entry.then.reason})`,
        );
    const written = entries.filter(({ entry }) => entry.verdict === 'as-written').map(({ person }) => person);
    if (written.length) out.push(`   as written: ${written.join(', ')}`);
    for (const { person, entry } of entries) {
      if (entry.verdict === 'as-written') continue;
      const { pose, variant } = BUILT_IN.variant(entry.variant);
      const why = entry.findings.find((finding) => finding.on !== 'chosen');
      const side = entry.sides.length === 1 ? ` (${entry.sides[0]})` : '';
      const props = entry.props.map((prop) => `${prop.count} ${prop.prop}`).join(', ');
      out.push(
        `   ${MARKS[entry.verdict]}${entry.override ? ', the teacher’s choice' : ''}: ${person}${side}: ` +
          `${pose.name}, ${variant.name}${entry.stays ? ', as before' : ''}, ` +
          `${Math.round(entry.hold.seconds)} s${props ? `, ${props}` : ''}`,
      );
      if (why)
        out.push(
          `      ${why.reason} (${why.measure} ${why.value}, limit ${why.limit}; ${why.evidence.kind})`,
        );
    }
  }
  if (room.length)
    out.push(
      '',
      `Room: ${room.map(({ prop, count, short }) => `${count} ${prop}${short ? ` (${short} short)` : ''}`).join(', ')}`,
    );
  if (notes.length)
    out.push('', ...notes.map(({ text, step }) => `Order${step ? `, step ${step}` : ''}: ${text}`));
  if (refused.length)
    out.push(
      '',
      ...refused.map(
        ({ person, step, reason }) =>
          `Not taken, ${person}, step ${step}: ${reason} It needs a medical clearance on file.`,
      ),
    );
  out.push(
    '',
    "For a trained teacher: each person's own doctor, midwife or physiotherapist and local rules come first.",
  );
  return out.join('\n');
}
