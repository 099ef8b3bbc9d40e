import type { Build } from '../body/build.js';
import { unpackPosture, type Posture } from '../body/posture.js';
import { makeMeasures, type Measures } from './measures.js';
import type { StoredSolutions } from './solveVariant.js';

/** A body put on the contacts of a variant at one height; read out when it is asked for. */
export interface Solution {
  heightCm: number;
  /** Whether its postures are kept; measures are at every height. */
  drawn: boolean;
  postures(): readonly Posture[];
  measures(): Measures;
}

/** Solutions of one variant as they are stored, by build, lowest height first. */
export function readSolutions(stored: StoredSolutions): (build: Build) => readonly Solution[] | undefined {
  const read = new Map<Build, readonly Solution[]>();
  return (build) => {
    let found = read.get(build);
    if (!found && stored[build]) {
      found = Object.entries(stored[build])
        .map(([height, { postures, measures }]): Solution => ({
          heightCm: Number(height),
          drawn: postures.length > 0,
          postures: () => postures.map(unpackPosture),
          measures: () => makeMeasures((_, at) => measures[at]!),
        }))
        .sort((a, b) => a.heightCm - b.heightCm);
      read.set(build, found);
    }
    return found;
  };
}
