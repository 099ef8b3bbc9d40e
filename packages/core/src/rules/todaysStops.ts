import type { Person } from '../people/types.js';
import { isTooHighToPractise, isUncontrolled, parseReading } from './bloodPressure.js';
import { ageOn, daysBetween } from '../calendar/dates.js';
import type { Rulebook } from './rulebook.js';
import type { Alert, Condition, WarningSign } from './types.js';
import type { Details } from '../people/types.js';

/** Words of a sign that was written freely and must be taken as an emergency. */
const EMERGENCY = new RegExp(
  'chest pain|face.*droop|arm.*weak|slurred|thunderclap|sudden severe headache|saddle|bladder|bowel|' +
    'faint|seizure|vision',
  'i',
);

/** Severe in pregnancy and the first six weeks after birth (ACOG PB 222, from memory). */
const isSevereForMothers = ({ systolic, diastolic }: { systolic: number; diastolic: number }): boolean =>
  systolic >= 160 || diastolic >= 110;

/** A night shorter than this is said before class. Common practice, no published source. */
const SHORT_SLEEP_HOURS = 5;

/** Six weeks after birth, days. */
const AFTER_BIRTH_DAYS = 42;

/**
 * What about today stops the class for someone: a reading, fever, bleeding, a warning sign. Each says whom
 * to see.
 *
 * Readings: no exercise over 180 or 110 (AACVPR); pregnant and to six weeks after birth 140 or 90 (ACOG PB
 * 222); under 13 no adult class holds. From memory.
 */
export function todaysStops(
  { today, born }: Person,
  entries: readonly { condition: Condition; details: Details }[],
  on: string,
  { warningSigns }: Pick<Rulebook, 'warningSigns'>,
): Alert[] {
  const alerts: Alert[] = [];
  const reading = today.bp ? parseReading(today.bp) : undefined;
  const has = (id: string): Details | undefined =>
    entries.find(({ condition }) => condition.id === id)?.details;
  const stop = (text: string): void => {
    alerts.push({ kind: 'stop', text });
  };
  const birth = has('after-birth');
  const pregnant = Boolean(has('pregnancy') ?? has('complicated-pregnancy'));
  // Not known is the careful stage: as just born.
  const justBorn =
    birth !== undefined &&
    (typeof birth.gaveBirth !== 'string' || daysBetween(birth.gaveBirth, on) <= AFTER_BIRTH_DAYS);
  const child = born !== undefined && ageOn(born, on) < 13;
  if (reading && (pregnant || justBorn) && isUncontrolled(reading)) {
    stop(
      `${today.bp} ${pregnant ? 'in pregnancy' : 'after birth'}: no class; ` +
        `${isSevereForMothers(reading) ? 'emergency, call for help now' : 'midwife or doctor today'}.`,
    );
  } else if (reading && child) {
    if (isUncontrolled(reading))
      alerts.push({
        kind: 'ask',
        text: `${today.bp} in a child: adult classes do not hold under 13. Ask the parents and the doctor.`,
      });
  } else if (reading && isTooHighToPractise(reading))
    stop(`${today.bp} at rest: measure again after five minutes. Still so: no class, see the doctor today.`);
  if (typeof today.slept === 'number' && today.slept < SHORT_SLEEP_HOURS)
    alerts.push({ kind: 'stage', text: `Slept ${today.slept} hours: the quiet way today, and up slowly.` });
  if (today.fever) stop('Fever today: no class; rest at home.');
  if (today.bleeding && pregnant) stop('Bleeding in pregnancy: no class; midwife or doctor today.');
  for (const sign of today.signs ?? []) {
    const known: WarningSign | undefined = Object.hasOwn(warningSigns, sign) ? warningSigns[sign] : undefined;
    if (known)
      stop(
        `Warning sign: ${known.asks.charAt(0).toLowerCase()}${known.asks.slice(1)}. No class; ` +
          `${known.act === 'emergency' ? `call ${known.who}` : `see ${known.who}`}.`,
      );
    else
      stop(
        EMERGENCY.test(sign)
          ? `Warning sign: ${sign}. No class; call the emergency services.`
          : `Warning sign: ${sign}. No class; see the doctor or midwife today.`,
      );
  }
  return alerts;
}
