import { readConditionNames } from '../reading/readConditionNames.js';
import { isDate } from '../calendar/dates.js';
import { isTable } from '../people/readTables.js';
import { lookedAt, type Bringing, type BroughtIn } from './broughtIn.js';
import { conditionOfIcd10, LOINC, SYSTEMS } from './fhirCodes.js';

type Table = Record<string, unknown>;

const tables = (value: unknown): Table[] => (Array.isArray(value) ? value.filter(isTable) : []);
const table = (value: unknown): Table => (isTable(value) ? value : {});
const text = (value: unknown): string => (typeof value === 'string' ? value.trim() : '');
/** The day of a moment: FHIR writes years and months alone too, which are none. */
const dayOf = (value: unknown): string | undefined => {
  const day = text(value).slice(0, 10);
  return isDate(day) ? day : undefined;
};
const codes = (value: unknown): { system: string; code: string; display: string }[] =>
  tables(table(value).coding).map((one) => ({
    system: text(one.system),
    code: text(one.code),
    display: text(one.display),
  }));
/** What we have written beside what FHIR has a place for. */
const kept = (resource: Table): unknown => {
  const extension = tables(resource.extension).find(({ url }) => url === `${SYSTEMS.own}:kept`);
  try {
    return extension && (JSON.parse(text(extension.valueString)) as unknown);
  } catch {
    return undefined;
  }
};

/**
 * Conditions that are over are not taken; neither is what was found not to be so. What is only quiet may come back: it
 * is taken, and asked about.
 */
const OVER = new Set(['resolved']);
const QUIET = new Set(['inactive', 'remission']);
const NOT_SO = new Set(['refuted', 'entered-in-error']);
const VOID = new Set(['entered-in-error', 'cancelled', 'preliminary', 'registered']);

/** So much of a length or a weight is one of ours. */
const LENGTHS: Readonly<Record<string, number>> = { cm: 1, m: 100, '[in_i]': 2.54, in: 2.54 };
const WEIGHTS: Readonly<Record<string, number>> = { kg: 1, g: 0.001, '[lb_av]': 0.45359237, lb: 0.45359237 };

/**
 * Reads people from FHIR R4: a Bundle, a list of resources, or one Patient. Conditions are known by our own codes, by
 * ICD-10, or by their words; what is none of them is *something else* in its own words, and read carefully. What is not
 * taken is told.
 */
export function readFhir(input: unknown, bringing: Bringing): { people: BroughtIn[]; problem?: string } {
  const resources = resourcesIn(input);
  const patients = resources.filter(({ resource }) => resource.resourceType === 'Patient');
  if (!patients.length)
    return { people: [], problem: 'There is no Patient in it: this is no FHIR bundle of people.' };
  const entries = patients.map(({ resource, url }, i) => {
    const names = new Set(
      [url, `Patient/${text(resource.id)}`, `urn:uuid:${text(resource.id)}`].filter(Boolean),
    );
    const isHers = (one: Table): boolean =>
      names.has(text(table(one.subject).reference)) || (patients.length === 1 && !one.subject);
    const of = (type: string): Table[] =>
      resources.map((one) => one.resource).filter((one) => one.resourceType === type && isHers(one));
    const notes: string[] = [];
    const told = toldIn(resource, of('Condition'), of('Observation'), notes, bringing);
    const others = resources.filter(
      (one) => !['Patient', 'Condition', 'Observation'].includes(text(one.resource.resourceType)),
    );
    if (others.length)
      notes.push(
        `Not taken: ${[...new Set(others.map((one) => text(one.resource.resourceType)))].join(', ')}.`,
      );
    return { at: i + 1, name: told.name as string, told, notes };
  });
  return { people: lookedAt(entries, bringing) };
}

function resourcesIn(input: unknown): { resource: Table; url: string }[] {
  if (Array.isArray(input)) return tables(input).map((resource) => ({ resource, url: '' }));
  if (!isTable(input)) return [];
  if (input.resourceType !== 'Bundle') return [{ resource: input, url: '' }];
  return tables(input.entry).map((entry) => ({ resource: table(entry.resource), url: text(entry.fullUrl) }));
}

function nameOf(patient: Table): string {
  const names = tables(patient.name);
  const name = names.find(({ use }) => use === 'official' || use === 'usual') ?? names[0] ?? {};
  const given = Array.isArray(name.given) ? name.given.map(text) : [];
  return text(name.text) || [...given, text(name.family)].filter(Boolean).join(' ');
}

function toldIn(
  patient: Table,
  conditions: readonly Table[],
  observations: readonly Table[],
  notes: string[],
  bringing: Bringing,
): Table {
  const own = table(kept(patient));
  const born = dayOf(patient.birthDate);
  if (patient.birthDate && !born)
    notes.push(`Born ${text(patient.birthDate)}: the day is not said, and is to be asked.`);
  const sexes: Readonly<Record<string, string>> = { female: 'woman', male: 'man' };
  const told: Table = {
    name: nameOf(patient),
    ...(born ? { born } : {}),
    ...(sexes[text(patient.gender)] ? { sex: sexes[text(patient.gender)] } : {}),
    ...(own.pronoun ? { pronoun: own.pronoun } : {}),
    conditions: [],
  };
  const dated: Table = {};
  for (const one of conditions) addCondition(told, dated, one, notes, bringing);
  addObservations(told, dated, observations, notes);
  const intake = table(told.intake);
  const days = { ...dated, ...table(intake.dated) };
  if (Object.keys(days).length) told.intake = { ...intake, dated: days };
  return told;
}

function addCondition(
  told: Table,
  dated: Table,
  resource: Table,
  notes: string[],
  { rulebook, today }: Bringing,
): void {
  const known = rulebook.conditions;
  const words =
    text(table(resource.code).text) || codes(resource.code).find(({ display }) => display)?.display || '';
  const status = codes(resource.clinicalStatus)[0]?.code ?? '';
  const verified = codes(resource.verificationStatus)[0]?.code ?? '';
  const ended = text(resource.abatementDateTime);
  if (OVER.has(status) || NOT_SO.has(verified) || (ended && ended.slice(0, 10) <= today)) {
    notes.push(`Not taken, for it is over or was not so: ${words || 'a condition'}.`);
    return;
  }
  if (QUIET.has(status)) notes.push(`Taken, though it is said to be quiet: ${words || 'a condition'}. Ask.`);
  const list = told.conditions as { condition: string; words?: string }[];
  const all = codes(resource.code);
  const ownId = all.find(({ system }) => system === SYSTEMS.own)?.code;
  const icd = all.find(({ system }) => system.startsWith(SYSTEMS.icd10))?.code;
  const byCode = [ownId, icd && conditionOfIcd10(icd)].find((id) => known.some((one) => one.id === id));
  const found = byCode
    ? [{ condition: byCode }]
    : readConditionNames(words || icd || 'a condition without a name', known);
  if (byCode && byCode !== ownId)
    notes.push(`“${words || icd}” is read as ${rulebook.conditionName(byCode)}.`);
  const details = table(kept(resource));
  const side = /\b(right|left)\b/i.exec(
    tables(resource.bodySite)
      .map((one) => text(one.text))
      .join(' '),
  )?.[1];
  const since = dayOf(resource.onsetDateTime);
  for (const one of found) {
    const has = (key: string): boolean =>
      known.some(({ id, fields }) => id === one.condition && fields.some((field) => field.key === key));
    const before = list.find(({ condition }) => condition === one.condition);
    if (before) {
      if ('words' in one && one.words) before.words = [before.words, one.words].filter(Boolean).join(', ');
      continue;
    }
    list.push({
      ...(side && has('side') ? { side: side.toLowerCase() } : {}),
      ...(since && has('since') ? { since } : {}),
      ...one,
      ...details,
    });
    const on = dayOf(resource.recordedDate);
    if (on) dated[`conditions.${one.condition}`] = { on, from: 'letter' };
    if (one.condition === 'something-else' && !ownId)
      notes.push(`Known by its words alone, and read carefully: ${words}.`);
  }
}

function addObservations(told: Table, dated: Table, observations: readonly Table[], notes: string[]): void {
  // The latest counts.
  const inOrder = [...observations]
    .filter(({ status }) => !VOID.has(text(status)))
    .sort((a, b) => (text(a.effectiveDateTime) < text(b.effectiveDateTime) ? -1 : 1));
  const unknown = new Set<string>();
  for (const one of inOrder) {
    const on = dayOf(one.effectiveDateTime);
    const all = codes(one.code);
    const loinc = all.find(({ system }) => system === SYSTEMS.loinc)?.code;
    const ownCode = all.find(({ system }) => system === SYSTEMS.own)?.code;
    const note = (fact: string): void => {
      if (on) dated[fact] = { on, from: 'measured' };
    };
    if (loinc === LOINC.height.code) told.heightCm = measured(one, LENGTHS);
    else if (loinc === LOINC.weight.code) {
      told.weightKg = measured(one, WEIGHTS);
      note('weightKg');
    } else if (loinc === LOINC.pressure.code) addPressure(told, one, on, notes);
    else if (ownCode) addOwn(told, one, ownCode);
    else unknown.add(text(table(one.code).text) || all[0]?.display || all[0]?.code || 'an observation');
  }
  if (unknown.size) notes.push(`Not taken: ${[...unknown].join(', ')}.`);
}

/** A measured value in our unit; as it stands where its unit is not known, to be told. */
function measured(observation: Table, units: Readonly<Record<string, number>>): unknown {
  const { value, code, unit } = table(observation.valueQuantity);
  const share = units[text(code)] ?? units[text(unit)];
  return typeof value === 'number' && share
    ? Math.round(value * share * 10) / 10
    : `${String(value)} ${text(unit)}`;
}

function addPressure(told: Table, observation: Table, on: string | undefined, notes: string[]): void {
  const part = (code: string): number | undefined => {
    const found = tables(observation.component).find((one) =>
      codes(one.code).some((each) => each.code === code),
    );
    const { value } = table(found?.valueQuantity);
    return typeof value === 'number' ? Math.round(value) : undefined;
  };
  const [high, low] = [part(LOINC.systolic.code), part(LOINC.diastolic.code)];
  if (high === undefined || low === undefined) return;
  const hers = (told.conditions as Table[]).find(({ condition }) => condition === 'high-blood-pressure');
  if (hers) Object.assign(hers, { reading: `${high}/${low}` }, on ? { readingOn: on } : {});
  else
    notes.push(
      `Blood pressure ${high}/${low}${on ? ` on ${on}` : ''}: told here, and kept where high blood pressure is known.`,
    );
}

function addOwn(told: Table, observation: Table, code: string): void {
  const [group = '', key = ''] = code.split('.');
  const { value } = table(observation.valueQuantity);
  const known = kept(observation) ?? value ?? observation.valueString;
  if (group === 'limits' || group === 'clearances')
    told[group] = [...((told[group] as unknown[] | undefined) ?? []), known];
  else if (group === 'limbs') {
    const can = table(told.can);
    told.can = { ...can, limbs: { ...table(can.limbs), [key]: known } };
  } else if (['can', 'ranges', 'screening', 'intake'].includes(group))
    told[group] = { ...table(told[group]), [key]: known };
}
