import { NoReading, readPressure, type PressureDoubt, type PressureMeasurement } from '@lotus-steady/core';
import { useEffect, useRef, useState } from 'react';
import { bluetoothCuff, hasBluetooth } from '../../data/cuff/bluetoothCuff.js';
import type { ConnectCuff, Cuff } from '../../data/cuff/cuff.js';
import { simulatedCuff } from '../../data/cuff/simulatedCuff.js';
import { useSession } from '../../data/session/useSession.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { Problem } from '../../ui/states.js';

/** What a doubt means for whoever reads it (common practice, no published source). */
const DOUBTS: Readonly<Record<PressureDoubt, string>> = {
  moved: 'There was movement while it measured.',
  'loose-cuff': 'The cuff sits too loosely.',
  'irregular-pulse': 'The pulse was irregular: the numbers may be off. Ask whether that is known.',
  'pulse-too-high': 'The pulse is above what the cuff counts well.',
  'pulse-too-low': 'The pulse is below what the cuff counts well.',
  position: 'The arm was not at the height of the heart.',
};
/** A reading older than this is not of now, minutes (common practice, no published source). */
const OF_NOW = 30;

/** Takes a blood pressure from a cuff: connect, measure, look, take it over. */
export function CuffDialog({
  name,
  onTake,
  onClose,
}: {
  name: string;
  onTake: (words: string) => void;
  onClose: () => void;
}) {
  const { hall } = useSession();
  const cuff = useCuff();
  const { state, connected, reading, error } = cuff;
  return (
    <Modal title={`Blood pressure of ${name}`} onClose={onClose}>
      <p className="mb-3 text-soft">
        Sitting, arm supported, after five minutes of rest; two readings. No cuff on an arm with a dialysis
        access.
      </p>
      {!connected && (
        <div className="flex flex-wrap gap-3">
          {hasBluetooth() && (
            <Button look="main" disabled={state === 'connecting'} onClick={() => cuff.connect(bluetoothCuff)}>
              Find a cuff
            </Button>
          )}
          {hall.isDemo && (
            <Button disabled={state === 'connecting'} onClick={() => cuff.connect(simulatedCuff)}>
              Use a made-up cuff
            </Button>
          )}
        </div>
      )}
      {!hasBluetooth() && !hall.isDemo && (
        <p>This browser does not speak to cuffs. One with Web Bluetooth does; or type what the cuff shows.</p>
      )}
      {error && <Problem error={error} />}
      {connected && !reading && !error && (
        <p role="status">
          <span aria-hidden className="mr-3 inline-block size-3 animate-pulse rounded-full bg-teal" />
          {connected} is connected. Start it; what it measures appears here.
        </p>
      )}
      {reading && <Measured reading={reading} />}
      <div className="mt-5 flex flex-wrap justify-end gap-3">
        {connected && (reading ?? error) && <Button onClick={cuff.again}>Measure again</Button>}
        <Button onClick={onClose}>Cancel</Button>
        {reading && (
          <Button look="main" onClick={() => onTake(`${reading.systolic}/${reading.diastolic}`)}>
            Take it over
          </Button>
        )}
      </div>
    </Modal>
  );
}

function Measured({ reading: { systolic, diastolic, pulse, at, doubts } }: { reading: PressureMeasurement }) {
  const old = at !== undefined && Math.abs(Date.now() - new Date(at).getTime()) > OF_NOW * 60_000;
  return (
    <div role="status" className="rounded-xl border border-line bg-paper p-4">
      <p className="font-display text-4xl tabular-nums">
        {systolic}/{diastolic} <span className="font-sans text-base text-soft">mmHg</span>
      </p>
      {pulse !== undefined && <p>Pulse {pulse}</p>}
      {old && (
        <p className="font-semibold text-clay">
          By the clock of the cuff this was measured on {at.replace('T', ' at ').slice(0, 19)}: is it of now,
          and is it this person’s?
        </p>
      )}
      {doubts.map((doubt) => (
        <p key={doubt} className="font-semibold text-clay">
          {DOUBTS[doubt]}
        </p>
      ))}
      {doubts.length > 0 && <p className="text-soft">Measure again after a minute of rest.</p>}
    </div>
  );
}

/** A cuff that is connected while this is shown, and what it has measured last. */
function useCuff() {
  const [state, setState] = useState<'idle' | 'connecting'>('idle');
  const [connected, setConnected] = useState<string>();
  const [reading, setReading] = useState<PressureMeasurement>();
  const [error, setError] = useState<Error>();
  const cuff = useRef<Cuff>(undefined);
  const how = useRef<ConnectCuff>(undefined);
  useEffect(() => () => cuff.current?.close(), []);
  const onMessage = (message: DataView): void => {
    try {
      setReading(readPressure(message));
      setError(undefined);
    } catch (problem) {
      if (!(problem instanceof NoReading)) throw problem;
      setError(problem);
    }
  };
  const onGone = (): void => {
    setConnected(undefined);
    setError(new Error('The cuff is out of reach, or was switched off.'));
  };
  const connect = (by: ConnectCuff): void => {
    how.current = by;
    setState('connecting');
    setError(undefined);
    setReading(undefined);
    by({ onMessage, onGone })
      .then(
        (found) => {
          cuff.current = found;
          setConnected(found.name);
        },
        // Whoever closes the browser's list has not chosen one.
        ({ name }: Error) =>
          name === 'NotFoundError'
            ? undefined
            : setError(new Error('The cuff could not be connected. Is it on?')),
      )
      .finally(() => setState('idle'));
  };
  return {
    state,
    connected,
    reading,
    error,
    connect,
    again: () => {
      cuff.current?.close();
      connect(how.current!);
    },
  };
}
