import type { Rulebook } from '../rules/rulebook.js';
import { parseReading } from '../rules/bloodPressure.js';
import { ICD10, LOINC, SYSTEMS } from './fhirCodes.js';
import type { Bundle, Codeable, Resource } from './fhirTypes.js';
import type { WrittenDown } from './peopleTable.js';

const own = (code: string, text: string): Codeable => ({ coding: [{ system: SYSTEMS.own, code }], text });
/** What FHIR has no place for travels with it as JSON, so that we read back what we wrote. */
const kept = (value: unknown) => [{ url: `${SYSTEMS.own}:kept`, valueString: JSON.stringify(value) }];

/**
 * Somebody as a FHIR R4 bundle: a Patient, their Conditions, and Observations of what was measured and told.
 *
 * @param id a UUID that stands for them in the bundle
 */
export function writeFhir(
  { id, ...person }: WrittenDown & { id: string },
  rulebook: Rulebook,
  today: string,
): Bundle {
  const subject = { reference: `urn:uuid:${id}` };
  const since = (fact: string): string => person.intake?.dated?.[fact]?.on ?? today;
  const observed = (fact: string, code: Codeable, value: object): Resource => ({
    resourceType: 'Observation',
    status: 'final',
    code,
    subject,
    effectiveDateTime: since(fact),
    ...value,
  });
  const quantity = (value: number, unit: string) => ({
    valueQuantity: { value, unit, system: SYSTEMS.ucum, code: unit },
  });
  const vital = ({ code, display }: { code: string; display: string }): Codeable => ({
    coding: [{ system: SYSTEMS.loinc, code, display }],
    text: display,
  });
  const VITAL = { category: [{ coding: [{ system: SYSTEMS.category, code: 'vital-signs' }] }] };
  const { limbs = {}, ...can } = person.can;
  const told: [string, object][] = [
    ['can', can],
    ['limbs', limbs],
    ['screening', person.screening],
    ['intake', person.intake ?? {}],
    ['limits', Object.fromEntries(person.limits.map((one, i) => [i, one]))],
    ['clearances', Object.fromEntries(person.clearances.map((one, i) => [i, one]))],
  ];
  const resources: Resource[] = [
    {
      resourceType: 'Patient',
      id,
      name: [{ text: person.name }],
      ...(person.born ? { birthDate: person.born } : {}),
      ...(person.sex ? { gender: person.sex === 'woman' ? 'female' : 'male' } : {}),
      ...(person.pronoun ? { extension: kept({ pronoun: person.pronoun }) } : {}),
    },
    ...person.conditions.map(({ condition, ...details }): Resource => {
      const { code } = ICD10[condition] ?? {};
      const text = rulebook.conditionName(condition);
      return {
        resourceType: 'Condition',
        clinicalStatus: { coding: [{ system: SYSTEMS.clinical, code: 'active' }] },
        code: {
          coding: [
            ...(code ? [{ system: SYSTEMS.icd10, code }] : []),
            { system: SYSTEMS.own, code: condition, display: text },
          ],
          text: typeof details.words === 'string' ? details.words : text,
        },
        subject,
        recordedDate: since(`conditions.${condition}`),
        ...(typeof details.since === 'string' ? { onsetDateTime: details.since } : {}),
        ...(typeof details.side === 'string' ? { bodySite: [{ text: details.side }] } : {}),
        ...(Object.keys(details).length ? { extension: kept(details) } : {}),
      };
    }),
    observed('heightCm', vital(LOINC.height), { ...VITAL, ...quantity(person.heightCm, LOINC.height.unit) }),
    ...(person.weightKg === undefined
      ? []
      : [
          observed('weightKg', vital(LOINC.weight), {
            ...VITAL,
            ...quantity(person.weightKg, LOINC.weight.unit),
          }),
        ]),
    ...person.conditions.flatMap(({ condition, reading, readingOn }) => {
      const pressure = typeof reading === 'string' ? parseReading(reading) : undefined;
      if (!pressure) return [];
      const part = (of: { code: string; display: string; unit: string }, value: number) => ({
        code: vital(of),
        ...quantity(value, of.unit),
      });
      return [
        {
          ...observed(`conditions.${condition}`, vital(LOINC.pressure), VITAL),
          ...(typeof readingOn === 'string' ? { effectiveDateTime: readingOn } : {}),
          component: [part(LOINC.systolic, pressure.systolic), part(LOINC.diastolic, pressure.diastolic)],
        },
      ];
    }),
    ...Object.entries(person.ranges).map(([range, degrees]) =>
      observed(`ranges.${range}`, own(`ranges.${range}`, `Range: ${range}`), quantity(degrees!, 'deg')),
    ),
    ...told.flatMap(([group, table]) =>
      Object.entries(table).map(([key, value]) =>
        observed(`${group}.${key}`, own(`${group}.${key}`, `${group}: ${key}`), {
          ...valueOf(value),
          extension: kept(value),
        }),
      ),
    ),
  ];
  return {
    resourceType: 'Bundle',
    type: 'collection',
    entry: resources.map((resource) => ({
      ...(resource.resourceType === 'Patient' ? { fullUrl: subject.reference } : {}),
      resource,
    })),
  };
}

/** A value where FHIR has a place for its kind; lists and tables in words. */
function valueOf(value: unknown): object {
  if (typeof value === 'boolean') return { valueBoolean: value };
  if (Number.isInteger(value)) return { valueInteger: value };
  return { valueString: typeof value === 'string' ? value : JSON.stringify(value) };
}
