/** What cuffs send, held against the published encodings, their special values, and whatever else may come. */
import fc from 'fast-check';
import {
  NoReading,
  readPressure,
  readSfloat,
  writePressure,
  writeSfloat,
  type PressureDoubt,
} from '../builtIn.js';

const bytes = (hex: string): DataView =>
  new DataView(Uint8Array.from(hex.split(' ').map((two) => parseInt(two, 16))).buffer);

describe('numbers of 16 bits (IEEE 11073-20601, from memory)', () => {
  test.each([
    [0x0078, 120],
    [0xf4b0, 120],
    [0xf327, 80.7],
    [0x0000, 0],
    [0x1001, 10],
    [0x0fff, -1],
    [0xff9c, -10],
    [0x8001, 1e-8],
    [0x7001, 1e7],
    [0x07fd, 2045],
    [0x0803, -2045],
    [0x07fe, Infinity],
    [0x0802, -Infinity],
    [0x07ff, NaN],
    [0x0800, NaN],
    [0x0801, NaN],
  ])('%i stands for %d', (bits, value) => {
    expect(readSfloat(bits)).toBe(value);
  });

  test('whatever is written is read again, as finely as twelve bits allow', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -2045, max: 2045 }),
        fc.integer({ min: -8, max: 7 }),
        (mantissa, exponent) => {
          const value = exponent < 0 ? mantissa / 10 ** -exponent : mantissa * 10 ** exponent;
          expect(readSfloat(writeSfloat(value))).toBe(value + 0);
        },
      ),
    );
    for (const value of [NaN, Infinity, -Infinity]) expect(readSfloat(writeSfloat(value))).toBe(value);
    expect(() => writeSfloat(2046e7)).toThrow(RangeError);
  });

  test('of all 65536 five stand for no number; every other is written and read again', () => {
    const all = Array.from({ length: 65536 }, (_, bits) => readSfloat(bits));
    expect(all.filter((value) => !Number.isFinite(value))).toEqual([Infinity, NaN, NaN, NaN, -Infinity]);
    // 2046 and 2047 are left to what stands for no number, whatever the power of ten beside them.
    const isWritten = (bits: number): boolean => Math.abs((bits << 20) >> 20) <= 2045;
    const written = all.filter((value, bits) => Number.isFinite(value) && isWritten(bits));
    expect(written.length).toBeGreaterThan(65_000);
    expect(written.filter((value) => readSfloat(writeSfloat(value)) !== value)).toEqual([]);
  });
});

describe('messages of cuffs (Bluetooth Blood Pressure Service 1.1, from memory)', () => {
  test.each([
    ['mmHg alone', '00 80 00 52 00 61 00', { systolic: 128, diastolic: 82, doubts: [] }],
    [
      'with time and pulse',
      '06 80 00 52 00 61 00 EA 07 0B 17 09 1E 05 48 00',
      { systolic: 128, diastolic: 82, at: '2026-11-23T09:30:05', pulse: 72, doubts: [] },
    ],
    // 16.0 and 10.7 kPa, in tenths.
    ['in kPa', '01 A0 F0 6B F0 7C F0', { systolic: 120, diastolic: 80, doubts: [] }],
    [
      'with a user and all that it noticed',
      '18 80 00 52 00 61 00 02 2F 00',
      {
        systolic: 128,
        diastolic: 82,
        user: 2,
        doubts: ['moved', 'loose-cuff', 'irregular-pulse', 'pulse-too-high', 'position'],
      },
    ],
    ['of an unknown user', '08 80 00 52 00 61 00 FF', { systolic: 128, diastolic: 82, doubts: [] }],
    [
      'a slow pulse',
      '10 80 00 52 00 61 00 10 00',
      { systolic: 128, diastolic: 82, doubts: ['pulse-too-low'] },
    ],
    [
      'a clock that was never set',
      '02 80 00 52 00 61 00 00 00 00 00 09 1E 05',
      {
        systolic: 128,
        diastolic: 82,
        doubts: [],
      },
    ],
    [
      'a pulse and a mean that it has not',
      '04 80 00 52 00 FF 07 FF 07',
      { systolic: 128, diastolic: 82, doubts: [] },
    ],
  ])('%s', (_, hex, reading) => {
    expect(readPressure(bytes(hex))).toEqual(reading);
  });

  test.each([
    ['a cuff that could not measure', '00 FF 07 FF 07 FF 07', /could not measure/],
    ['not at this resolution', '00 00 08 52 00 61 00', /could not measure/],
    ['endless', '00 FE 07 52 00 61 00', /could not measure/],
    ['upside down', '00 52 00 80 00 61 00', /no blood pressure/],
    ['of nobody alive', '00 0A 00 05 00 07 00', /no blood pressure/],
    ['nothing at all', '00', /cut off/],
    ['cut off in the time', '02 80 00 52 00 61 00 EA 07 0B', /cut off/],
  ])('%s is said, and is no reading', (_, hex, says) => {
    expect(() => readPressure(bytes(hex))).toThrow(says);
    expect(() => readPressure(bytes(hex))).toThrow(NoReading);
  });

  const DOUBTS: PressureDoubt[] = ['moved', 'loose-cuff', 'irregular-pulse', 'position'];
  test('what a simulated cuff sends comes back as it was; in kPa within one mmHg', () => {
    fc.assert(
      fc.property(
        fc.record(
          {
            diastolic: fc.integer({ min: 35, max: 190 }),
            rise: fc.integer({ min: 5, max: 100 }),
            unit: fc.constantFrom('mmHg' as const, 'kPa' as const),
            pulse: fc.integer({ min: 30, max: 220 }),
            user: fc.integer({ min: 0, max: 254 }),
            at: fc.constant('2026-11-23T09:30:05'),
            doubts: fc.subarray(DOUBTS),
          },
          { requiredKeys: ['diastolic', 'rise'] },
        ),
        ({ diastolic, rise, ...more }) => {
          const systolic = Math.max(60, diastolic + rise);
          const { unit = 'mmHg', doubts = [], ...same } = more;
          const read = readPressure(writePressure({ systolic, diastolic, ...more }));
          const off = unit === 'kPa' ? 1 : 0;
          expect(Math.abs(read.systolic - systolic)).toBeLessThanOrEqual(off);
          expect(Math.abs(read.diastolic - diastolic)).toBeLessThanOrEqual(off);
          expect(read).toMatchObject(same);
          expect([...read.doubts].sort()).toEqual([...doubts].sort());
        },
      ),
    );
  });

  test('whatever else comes is a reading or is said to be none', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 24 }), (any) => {
        try {
          const { systolic, diastolic } = readPressure(
            new DataView(any.buffer, any.byteOffset, any.byteLength),
          );
          expect(systolic).toBeGreaterThanOrEqual(diastolic);
        } catch (error) {
          expect(error).toBeInstanceOf(NoReading);
        }
      }),
      { numRuns: 2000 },
    );
  });
});
