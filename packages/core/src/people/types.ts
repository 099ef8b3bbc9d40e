import type { Details } from '../rules/types.js';
import type { SidedMeasure, MidlineMeasure } from '../poses/measures.js';

/** A movement that can be measured on a person: `neckFlexion`, `shoulderFlexionRight`. */
export type RangeName = MidlineMeasure | `${SidedMeasure}${'Right' | 'Left'}`;

/** How someone is on the day. */
export interface Today {
  pain?: number;
  bleeding?: boolean;
  bp?: string;
  dizzy?: boolean;
  headache?: boolean;
  fever?: boolean;
  slept?: string | number;
  signs?: readonly string[];
}

/** A condition someone has, by id, with its details. */
export interface PersonCondition { condition: string; details: Details }

/** Someone who comes to class. What is not known has its usual value filled in. */
export interface Person {
  name: string;
  born?: string;
  heightCm: number;
  weightKg?: number;
  can: { stand: boolean; floor: boolean; kneel: boolean };
  /** Measured ranges in degrees. */
  ranges: Readonly<Partial<Record<RangeName, number>>>;
  conditions: readonly PersonCondition[];
  screening: Readonly<Partial<Record<'fallsLastYear' | 'tugSeconds' | 'chairStands' | 'tandemSeconds', number>>>;
  today: Today;
  sex?: 'woman' | 'man';
}

/** Something wrong with what was entered: where, and what to do about it. */
export interface InputError { field: string; message: string }
