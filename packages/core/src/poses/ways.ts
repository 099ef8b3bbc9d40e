import type { Level, Variant } from './types.js';

/**
 * A way from one level to another: a movement with key frames, measured and judged by the same
 * rules as any pose. Someone who must not flex the spine does not fold to reach the floor.
 */
export interface Way {
  /** `way-…`; the movement itself is the variant of that id. */
  id: string;
  name: string;
  from: Level;
  to: Level;
  /** Whether the same movement backwards is the way back. */
  back: boolean;
  /** The way that is taken unless something speaks against it. */
  usual: boolean;
  /** Seconds for someone who moves easily (common practice, no published source). */
  seconds: number;
  variant: Variant;
}
