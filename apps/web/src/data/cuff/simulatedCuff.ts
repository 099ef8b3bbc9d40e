import { writePressure, type PressureToSend } from '@lotus-steady/core';
import type { ConnectCuff } from './cuff.js';

/** So long it takes to measure, ms; a true one takes half a minute. */
const MEASURES_FOR = 2500;

/** Readings that it gives in turn: usual, high, and one that is doubtful. */
const READINGS: readonly PressureToSend[] = [
  { systolic: 124, diastolic: 78, pulse: 68, unit: 'mmHg' },
  { systolic: 152, diastolic: 94, pulse: 81, unit: 'kPa' },
  { systolic: 131, diastolic: 84, pulse: 76, unit: 'mmHg', doubts: ['moved', 'irregular-pulse'] },
];
let next = 0;

/** The cuff's own clock: local, in no zone. */
const clock = (): string => {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
};

/** A cuff for the demo, which has nobody to measure: it sends what a true one would, byte for byte. */
export const simulatedCuff: ConnectCuff = async ({ onMessage }) => {
  const timer = setTimeout(() => {
    const reading = READINGS[next++ % READINGS.length]!;
    onMessage(writePressure({ ...reading, at: clock() }));
  }, MEASURES_FOR);
  return { name: 'A made-up cuff', close: () => clearTimeout(timer) };
};
