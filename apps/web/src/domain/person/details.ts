import type { Condition } from '@lotus-steady/core';

/** What a condition asks about itself, as it is typed. */
export type TypedDetails = Readonly<Record<string, string | boolean>>;

/** Details as the core reads them: what was left open is left out. */
export const readDetails = (
  { fields }: Condition,
  details: TypedDetails,
): Record<string, string | number | boolean | string[]> =>
  Object.fromEntries(
    Object.entries(details).flatMap(([key, value]): [string, string | number | boolean | string[]][] => {
      const type = fields.find((field) => field.key === key)?.type;
      // Only a ticked clearance says something; an unticked one is not yet a no.
      if (typeof value === 'boolean') return key === 'cleared' && !value ? [] : [[key, value]];
      const text = value.trim();
      if (!text) return [];
      if (type === 'number') return [[key, Number(text.replace(',', '.'))]];
      return [[key, type === 'list' ? text.split(/\s*,\s*/).filter(Boolean) : text]];
    }),
  );
