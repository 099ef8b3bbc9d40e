import { variantOfTask, type PropTask } from '../props/sizeProp.js';
import { NOT_PACED_UP, wasEasy } from './further.js';
import type { RecordOf } from './types.js';

/** A height of a prop that worked for somebody. */
export interface WorkedProp {
  task: PropTask;
  heightCm: number;
  /** Since when, `YYYY-MM-DD`. */
  on: string;
}

/** A prop that may be lower next time. */
export interface LowerProp {
  task: PropTask;
  from: number;
  to: number;
  easy: readonly string[];
}

/** So many easy times with it, in a row. */
const TIMES = 3;
/** The thickness that blocks, books and folded blankets are usually made of, cm. */
const LOWER_BY = 5;

/**
 * Props that may be lower: somebody did the version they are for, and classes were easy, the last {@link TIMES} times
 * since this height worked.
 *
 * @param conditions of hers, by id: in {@link NOT_PACED_UP} nothing gets lower
 * @example a block of 15 cm under the knee of a lying twist, three easy times // to 10
 */
export function lowerProps(
  records: readonly RecordOf[],
  worked: readonly WorkedProp[],
  conditions: readonly string[],
): LowerProp[] {
  if (conditions.some((id) => NOT_PACED_UP.includes(id))) return [];
  const byDate = [...records].sort((a, b) => b.on.localeCompare(a.on));
  return worked.flatMap(({ task, heightCm, on }): LowerProp[] => {
    const variant = variantOfTask(task);
    const times = byDate
      .filter((record) => record.came && record.on >= on)
      .filter(({ did = [] }) => did.some((done) => done.variant === variant))
      .slice(0, TIMES);
    if (heightCm <= 0 || times.length < TIMES || !times.every(wasEasy)) return [];
    const easy = times.map((record) => record.on);
    return [{ task, from: heightCm, to: Math.max(0, heightCm - LOWER_BY), easy }];
  });
}
