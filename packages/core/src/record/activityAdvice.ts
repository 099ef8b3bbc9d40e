/** How much activity a week is recommended. */
export interface ActivityAdvice {
  group: string;
  /** At least so many MET-minutes a week: the minutes below at 3 METs, where moderate begins. */
  metMinutes: number;
  says: string;
  source: string;
}

/** Where moderate begins, METs (Compendium of Physical Activities 2011). */
export const MODERATE = 3;
const SOURCE = 'WHO guidelines on physical activity and sedentary behaviour, 2020 (from memory)';
const CHILD_TO = 17;
const OLDER_FROM = 65;

const advice = (group: string, minutes: number, says: string): ActivityAdvice => ({
  ...{ group, says, source: SOURCE },
  metMinutes: minutes * MODERATE,
});

/**
 * How much activity a week is recommended for somebody; one's own doctor or midwife comes first.
 *
 * @param age years; a grown person’s where it is not known
 * @param conditions of hers, by id
 */
export function activityAdvice(age: number | undefined, conditions: readonly string[]): ActivityAdvice {
  if (age !== undefined && age <= CHILD_TO)
    return advice('children and young people', 7 * 60, '60 minutes a day, moderate to vigorous, on average');
  if (conditions.some((id) => id === 'pregnancy' || id === 'after-birth'))
    return advice(
      'in pregnancy and after birth',
      150,
      '150 minutes a week or more, moderate, where nothing speaks against it',
    );
  if (age !== undefined && age >= OLDER_FROM)
    return advice(
      'from 65 on',
      150,
      '150 to 300 minutes a week, moderate, and balance with strength on three days',
    );
  return advice('adults', 150, '150 to 300 minutes a week, moderate, and strength on two days');
}
