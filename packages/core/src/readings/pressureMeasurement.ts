import type { Reading } from '../rules/bloodPressure.js';
import { readSfloat, writeSfloat } from './sfloat.js';

/**
 * What a cuff says once it has measured, as the Bluetooth *Blood Pressure Measurement* has it (characteristic 0x2A35 of
 * the Blood Pressure Service 1.1; from memory).
 */
export interface PressureMeasurement extends Reading {
  /** Beats a minute. */
  pulse?: number;
  /** When, by the cuff's own clock: `YYYY-MM-DDTHH:MM:SS`, in no zone. */
  at?: string;
  /** Which of its users the cuff takes it to be of. */
  user?: number;
  /** What makes it doubtful. */
  doubts: readonly PressureDoubt[];
}

/** What a cuff has noticed while it measured. */
export type PressureDoubt =
  'moved' | 'loose-cuff' | 'irregular-pulse' | 'pulse-too-high' | 'pulse-too-low' | 'position';

/** Why a message of a cuff is no reading. */
export class NoReading extends Error {}

const FLAG = { kilopascal: 1, time: 2, pulse: 4, user: 8, status: 16 } as const;
const STATUS = { moved: 1, loose: 2, irregular: 4, range: 0x18, position: 32 } as const;
/** mmHg in a kilopascal: 101.325 kPa are 760 mmHg. */
const MMHG_IN_KPA = 760 / 101.325;
const UNKNOWN_USER = 0xff;

/**
 * Reads a message of a cuff.
 *
 * @throws NoReading where it is cut off, or the cuff could not measure
 * @example readPressure(new DataView(Uint8Array.of(0, 128, 0, 82, 0, 97, 0).buffer)) // 128 over 82
 */
export function readPressure(message: DataView): PressureMeasurement {
  const reader = readerOf(message);
  const flags = reader.byte();
  const unit = flags & FLAG.kilopascal ? MMHG_IN_KPA : 1;
  const [systolic, diastolic] = [reader.sfloat() * unit, reader.sfloat() * unit];
  // The mean, which many cuffs do not give.
  reader.sfloat();
  const at = flags & FLAG.time ? reader.time() : undefined;
  const pulse = flags & FLAG.pulse ? reader.sfloat() : NaN;
  const user = flags & FLAG.user ? reader.byte() : UNKNOWN_USER;
  const status = flags & FLAG.status ? reader.word() : 0;
  if (!Number.isFinite(systolic) || !Number.isFinite(diastolic))
    throw new NoReading(
      'The cuff could not measure. Sit still, the arm at the height of the heart, and try again.',
    );
  if (systolic <= diastolic || systolic < 60 || systolic > 300 || diastolic < 30 || diastolic > 200)
    throw new NoReading('The cuff sent numbers that are no blood pressure. Try again.');
  return {
    systolic: Math.round(systolic),
    diastolic: Math.round(diastolic),
    ...(Number.isFinite(pulse) && pulse > 0 ? { pulse: Math.round(pulse) } : {}),
    ...(at ? { at } : {}),
    ...(user === UNKNOWN_USER ? {} : { user }),
    doubts: doubtsIn(status),
  };
}

function doubtsIn(status: number): PressureDoubt[] {
  const range = (status & STATUS.range) >> 3;
  return [
    ...(status & STATUS.moved ? (['moved'] as const) : []),
    ...(status & STATUS.loose ? (['loose-cuff'] as const) : []),
    ...(status & STATUS.irregular ? (['irregular-pulse'] as const) : []),
    ...(range === 1 ? (['pulse-too-high'] as const) : []),
    ...(range === 2 ? (['pulse-too-low'] as const) : []),
    ...(status & STATUS.position ? (['position'] as const) : []),
  ];
}

/** What a message is read with, from its beginning on; integers have their least byte first. */
function readerOf(message: DataView) {
  let at = 0;
  const take = <T>(bytes: number, read: (from: number) => T): T => {
    if (at + bytes > message.byteLength) throw new NoReading('What the cuff sent is cut off. Try again.');
    at += bytes;
    return read(at - bytes);
  };
  const byte = (): number => take(1, (from) => message.getUint8(from));
  const word = (): number => take(2, (from) => message.getUint16(from, true));
  return {
    byte,
    word,
    sfloat: (): number => readSfloat(word()),
    /** A year, month or day of 0 is not known: then the time is none. */
    time(): string | undefined {
      const [year, month, day, hour, minute, second] = [word(), byte(), byte(), byte(), byte(), byte()];
      if (!year || !month || !day || month > 12 || day > 31 || hour > 23 || minute > 59 || second > 59)
        return undefined;
      const two = (n: number): string => String(n).padStart(2, '0');
      return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}:${two(second)}`;
    },
  };
}

/** A measurement as a cuff would send it. */
export interface PressureToSend extends Omit<PressureMeasurement, 'doubts'> {
  unit?: 'mmHg' | 'kPa';
  doubts?: readonly PressureDoubt[];
}

/**
 * Writes the message that a cuff would send: for one that is simulated.
 *
 * @param sent in mmHg, whichever unit it is sent in
 */
export function writePressure({
  systolic,
  diastolic,
  pulse,
  at,
  user,
  unit,
  doubts,
}: PressureToSend): DataView {
  const bytes: number[] = [];
  const word = (value: number): number => bytes.push(value & 0xff, value >> 8);
  const per = unit === 'kPa' ? MMHG_IN_KPA : 1;
  const has = (value: unknown, flag: number): number => (value === undefined ? 0 : flag);
  bytes.push(
    (unit === 'kPa' ? FLAG.kilopascal : 0) |
      has(at, FLAG.time) |
      has(pulse, FLAG.pulse) |
      has(user, FLAG.user) |
      has(doubts, FLAG.status),
  );
  for (const value of [systolic, diastolic, diastolic + (systolic - diastolic) / 3])
    word(writeSfloat(Math.round((value / per) * 10) / 10));
  if (at) {
    const [year, ...rest] = at.split(/[-T:]/).map(Number);
    word(year!);
    bytes.push(...rest);
  }
  if (pulse !== undefined) word(writeSfloat(pulse));
  if (user !== undefined) bytes.push(user);
  if (doubts) word(statusOf(doubts));
  return new DataView(Uint8Array.from(bytes).buffer);
}

const BITS: Readonly<Record<PressureDoubt, number>> = {
  moved: STATUS.moved,
  'loose-cuff': STATUS.loose,
  'irregular-pulse': STATUS.irregular,
  'pulse-too-high': 1 << 3,
  'pulse-too-low': 2 << 3,
  position: STATUS.position,
};
const statusOf = (doubts: readonly PressureDoubt[]): number =>
  doubts.reduce((status, doubt) => status | BITS[doubt], 0);
