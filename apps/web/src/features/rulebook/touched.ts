import {
  compileRules,
  measureTable,
  rowsBroken,
  SOMEBODY,
  type Pose,
  type Rule,
  type Variant,
} from '@lotus-steady/core';
import { catalogue } from '../../data/catalogue.js';
import { today } from '../../data/today.js';

/** The variants that a rule touches right now, for a grown person of 165 cm and the usual holds. */
export function touchedBy(rule: Rule, condition: string): readonly { pose: Pose; variant: Variant }[] {
  const table = measureTable(catalogue(), SOMEBODY, today());
  const [compiled] = compileRules({ rules: [{ rule, condition }], person: SOMEBODY });
  return compiled ? rowsBroken(compiled, table).map((row) => table.rows[row]!) : [];
}
