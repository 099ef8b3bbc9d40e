const DAY = 24 * 60 * 60 * 1000;
/** Every copy of so many days; the last of each week for so many; then the last of each month. */
const EACH_DAYS = 7;
const WEEKS = 5;

/**
 * Which of some copies are kept: each of the last week, the last of each week for five weeks, the last of each month
 * after that. When the oldest go is for the rule of what is erased: see `COPIES_KEPT`.
 *
 * @param now ms since 1970
 * @returns those that are kept, in the order that they are given in
 */
export function keptByRule<T extends { madeAt: Date }>(copies: readonly T[], now: number): T[] {
  const last = new Map<string, T>();
  const spanOf = ({ madeAt }: T): string => {
    const days = Math.floor((now - +madeAt) / DAY);
    if (days < EACH_DAYS) return `each ${+madeAt}`;
    if (days < 7 * WEEKS) return `week ${Math.floor(+madeAt / (7 * DAY))}`;
    return `month ${madeAt.toISOString().slice(0, 7)}`;
  };
  for (const copy of copies) {
    const span = spanOf(copy);
    const known = last.get(span);
    if (!known || +known.madeAt < +copy.madeAt) last.set(span, copy);
  }
  return copies.filter((copy) => last.get(spanOf(copy)) === copy);
}
