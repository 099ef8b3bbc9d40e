import type { KnownSince, Person } from './types.js';

/** What a fact comes from where nobody says: tests and ranges are measured, all else is said. */
const usualSource = (name: string): KnownSince['from'] =>
  /^(ranges|screening)\./.test(name) ? 'measured' : 'said';

/**
 * Each fact that is known of someone, by its name, and how it stands: `can.floor`, `ranges.neckFlexion`,
 * `conditions.pregnancy`, `limbs.leftArm`. What is usual and was never asked (stands, kneels) is none.
 */
export function factsOf({ born, weightKg, can, ranges, screening, conditions }: Person): Map<string, string> {
  const { limbs = {}, stand, kneel, ...told } = can;
  const facts: [string, unknown][] = [
    ['born', born],
    ['weightKg', weightKg],
    ['can.stand', stand ? undefined : false],
    ['can.kneel', kneel ? undefined : false],
    ...named('can', told),
    ...named('limbs', limbs),
    ...named('ranges', ranges),
    ...named('screening', screening),
    ...conditions.map(({ condition, details }): [string, unknown] => [`conditions.${condition}`, details]),
  ];
  return new Map(
    facts.flatMap(([name, value]): [string, string][] =>
      value === undefined ? [] : [[name, JSON.stringify(value)]],
    ),
  );
}

const named = (group: string, table: object): [string, unknown][] =>
  Object.entries(table).map(([key, value]) => [`${group}.${key}`, value]);

const isSame = (a: KnownSince | undefined, b: KnownSince | undefined): boolean =>
  a?.on === b?.on && a?.from === b?.from && a?.note === b?.note;

/**
 * Since when each fact of someone is known. What was changed is known from today, unless the change says a day and a
 * source of its own; what stands as it did keeps its day; of what was known before days were kept nobody knows.
 *
 * @param before as they were known until now
 * @param today `YYYY-MM-DD`
 */
export function dateFacts(
  before: Person | undefined,
  after: Person,
  today: string,
): Record<string, KnownSince> {
  const old = before ? factsOf(before) : new Map<string, string>();
  const was = before?.intake?.dated ?? {};
  const says = after.intake?.dated ?? {};
  const dated: Record<string, KnownSince> = {};
  for (const [name, value] of factsOf(after)) {
    const own = Object.hasOwn(says, name) ? says[name] : undefined;
    const kept = Object.hasOwn(was, name) ? was[name] : undefined;
    if (own && !isSame(own, kept)) dated[name] = own;
    else if (old.get(name) !== value) dated[name] = { on: today, from: usualSource(name) };
    else if (kept) dated[name] = kept;
  }
  return dated;
}
