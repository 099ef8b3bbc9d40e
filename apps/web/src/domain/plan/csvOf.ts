import { planTable, type Plan } from '@lotus-steady/core';
import { csvText } from '../formats/csvText.js';

/** A plan as a CSV file. */
export const csvOf = (plan: Plan, flows: Parameters<typeof planTable>[1]): Promise<string> =>
  csvText(planTable(plan, flows));
