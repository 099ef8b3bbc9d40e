import { planTable, type Plan } from '@lotus-steady/core';

/** Spreadsheets take a file for UTF-8 when it begins with this. */
const UTF_8 = '\uFEFF';

/** A plan as a CSV file. What writes it is loaded when one is saved. */
export async function csvOf(plan: Plan, flows: Parameters<typeof planTable>[1]): Promise<string> {
  const { default: papa } = await import('papaparse');
  return UTF_8 + papa.unparse(planTable(plan, flows), { newline: '\r\n' });
}
