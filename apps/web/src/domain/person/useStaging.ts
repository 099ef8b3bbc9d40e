import type { StageSettings } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { poseName } from '../../data/catalogue.js';
import { useHall } from '../../data/hall/useHall.js';

/** What people are staged with on a day in this hall. */
export function useStaging(on: string): StageSettings {
  const { houseView, rules } = useHall();
  return useMemo(
    () => ({ rulebook: RULEBOOK, on, houseView, hall: rules, poseName }),
    [on, houseView, rules],
  );
}
