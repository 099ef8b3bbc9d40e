import type { Counting } from '@lotus-steady/core';
import { useState } from 'react';

/** How a teacher likes her screen in class; on this device, for all her classes. */
export interface TeachSettings {
  counting: Counting;
  /** What comes and what is counted, said by the browser's voice. */
  isAloud: boolean;
  /** A soft chime where a hold begins and ends. */
  hasChime: boolean;
  /** What to say stands on the screen; with the voice on it is read aloud too. */
  hasWords: boolean;
}

const USUAL: TeachSettings = { counting: 'down', isAloud: false, hasChime: false, hasWords: false };
const NAME = 'lotus-steady.teach';

function read(): TeachSettings {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(NAME) ?? '{}') as Partial<TeachSettings>) };
  } catch {
    return USUAL;
  }
}

export function useTeachSettings(): [TeachSettings, (changed: Partial<TeachSettings>) => void] {
  const [settings, setSettings] = useState(read);
  const change = (changed: Partial<TeachSettings>): void => {
    const next = { ...settings, ...changed };
    setSettings(next);
    try {
      localStorage.setItem(NAME, JSON.stringify(next));
    } catch {
      // It holds until the page is closed.
    }
  };
  return [settings, change];
}
