import { useEffect, useState } from 'react';

/** Where a browser must be asked before a page may know how the device lies. */
type Asking = typeof DeviceOrientationEvent & { requestPermission?: () => Promise<'granted' | 'denied'> };

/**
 * How far this device has tipped since it was laid on, degrees: the angle between how its screen faces now and then,
 * whichever way it is turned.
 */
export interface Tilt {
  /** Undefined until it has been laid on, or where the browser tells nothing. */
  degrees: number | undefined;
  isOn: boolean;
  /** Lays it on: degrees count from here. */
  begin: () => void;
  stop: () => void;
  problem: string | undefined;
}

/** The direction up, as the device has it. @param beta, gamma as the browser gives them, degrees */
export function upOf(beta: number, gamma: number): readonly [number, number, number] {
  const [b, g] = [(beta * Math.PI) / 180, (gamma * Math.PI) / 180];
  return [-Math.cos(b) * Math.sin(g), Math.sin(b), Math.cos(b) * Math.cos(g)];
}

/** The angle between two directions, degrees. */
export function angleBetween(a: readonly number[], b: readonly number[]): number {
  const cosine = a.reduce((sum, value, i) => sum + value * b[i]!, 0);
  return (Math.acos(Math.max(-1, Math.min(1, cosine))) * 180) / Math.PI;
}

/** Whether this device may tell how it lies: a phone or tablet does, a computer on a desk does not. */
export const canTilt = (): boolean => 'DeviceOrientationEvent' in window && navigator.maxTouchPoints > 0;

/** The phone's own angle, as one lays it on a limb and moves it. */
export function useTilt(): Tilt {
  const [isOn, setOn] = useState(false);
  const [degrees, setDegrees] = useState<number>();
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    if (!isOn) return;
    let from: readonly number[] | undefined;
    const read = ({ beta, gamma }: DeviceOrientationEvent): void => {
      if (beta === null || gamma === null) return setProblem('This device does not tell how it lies.');
      const up = upOf(beta, gamma);
      from ??= up;
      setDegrees(Math.round(angleBetween(from, up)));
    };
    window.addEventListener('deviceorientation', read);
    return () => window.removeEventListener('deviceorientation', read);
  }, [isOn]);
  const begin = (): void => {
    setDegrees(undefined);
    setOn(false);
    const ask = (DeviceOrientationEvent as Asking).requestPermission;
    const allowed = ask ? ask().catch(() => 'denied' as const) : Promise.resolve('granted' as const);
    void allowed.then((answer) => {
      if (answer === 'granted') setOn(true);
      else setProblem('The browser was not allowed to tell how this device lies.');
    });
  };
  return { degrees, isOn, begin, stop: () => setOn(false), problem };
}
