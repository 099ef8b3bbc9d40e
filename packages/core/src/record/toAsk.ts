import { dateAfter } from '../calendar/dates.js';
import { PAIN_MATTERS, type RecordOf } from './types.js';

/** Something that hurt, and that nothing known explains: it is to be asked about. */
export interface ToAsk {
  /** Left out where pain was up after a class, and nobody said where. */
  place?: string;
  /** By how much pain was up, where no place is known. */
  by?: number;
  /** It hurt more after practice at home. */
  atHome?: true;
  flares: readonly { on: string; classId?: string; pose?: string }[];
}

/** Of so many classes, the last that somebody came to. */
const CLASSES = 20;
/** Who is asked where it hurt so many days ago does not know any more. */
const REMEMBERED = 28;

/**
 * What hurt in the last classes without a measure that explains it, and classes after which pain was up by
 * {@link PAIN_MATTERS} and nobody said where; and practice at home after which it hurt more.
 *
 * @param explained places for which a limit was found
 * @param worseAtHome days on which practice at home hurt more, the latest first
 * @param today `YYYY-MM-DD`
 */
export function toAsk(
  records: readonly RecordOf[],
  explained: readonly string[],
  worseAtHome: readonly string[],
  today: string,
): ToAsk[] {
  const last = records
    .filter(({ came }) => came)
    .sort((a, b) => b.on.localeCompare(a.on))
    .slice(0, CLASSES);
  const places = new Map<string, { on: string; classId?: string; pose?: string }[]>();
  for (const { on, classId, changes, did = [] } of last)
    for (const { step, where } of changes) {
      if (!where || explained.includes(where)) continue;
      const pose = did.find((done) => done.step === step)?.pose;
      const flare = { on, ...(classId ? { classId } : {}), ...(pose ? { pose } : {}) };
      places.set(where, [...(places.get(where) ?? []), flare]);
    }
  const unsaid = last.flatMap(({ on, classId, painBefore, painAfter, changes }): ToAsk[] => {
    const by = (painAfter ?? 0) - (painBefore ?? painAfter ?? 0);
    const isSaid = changes.some(({ where }) => where !== undefined);
    if (isSaid || by < PAIN_MATTERS || on < dateAfter(today, -REMEMBERED)) return [];
    return [{ by, flares: [{ on, ...(classId ? { classId } : {}) }] }];
  });
  const days = worseAtHome.filter((on) => on >= dateAfter(today, -REMEMBERED));
  return [
    ...[...places].map(([place, flares]) => ({ place, flares })),
    ...unsaid,
    ...(days.length ? [{ atHome: true as const, flares: days.map((on) => ({ on })) }] : []),
  ];
}
