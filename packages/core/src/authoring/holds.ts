export type { Hold } from '../rules/types.js';
import { daysBetween } from '../calendar/dates.js';
import { OPENING_WORDS, OPENINGS, sayOpenings, type Opening } from '../people/openings.js';
import type { Alert, Bound, Condition, Hold, Rule, Stage, StageInput } from '../rules/types.js';
import {
  ask,
  at,
  clear,
  condition,
  is,
  know,
  limit,
  never,
  over,
  staged,
  stop,
  unsupported,
} from './ruleWords.js';

export const EVERYTHING: readonly Opening[] = OPENINGS;
/** All but what is hardest. */
export const MOST: readonly Opening[] = ['floor', 'balance', 'hands', 'end-range', 'moderate-effort'];

/** What is known when a team has said yes to something in particular. */
const openedBy = ({ clearedFor }: StageInput['details']): readonly string[] | undefined =>
  Array.isArray(clearedFor) ? (clearedFor as readonly string[]) : undefined;

/** Something that happened so long ago and still has no clearance is asked about, not new. */
const OLD_WEEKS = 26;

/** What a clearance opens, in a sentence. */
const saidText = (opens: readonly Opening[], isSaid: boolean): string =>
  isSaid
    ? `cleared for ${sayOpenings(opens)}.`
    : `cleared, but not said for what. At this time that usually opens ${sayOpenings(opens)}.`;

/** Facts of what is open, for {@link holdRules}. */
const opened = (opens: readonly Opening[]): Stage['facts'] => ({
  waiting: 'no',
  ...Object.fromEntries(OPENINGS.map((one) => [one, opens.includes(one)])),
});

/**
 * Where a hold stands for someone on a date: facts for {@link holdRules}, and what to know.
 *
 * A date that is not known is read as just now; it is asked for.
 *
 * @param name of the condition
 * @param hold what the condition says
 * @returns undefined where it is long enough ago that nobody needs to say yes
 */
function standOfHold(
  name: string,
  hold: Hold,
  input: StageInput,
): Pick<Stage, 'facts' | 'alerts'> | undefined {
  const { details, on } = input;
  const date = hold.dated === undefined ? undefined : details[hold.dated];
  const days = typeof date === 'string' ? Math.max(0, daysBetween(date, on)) : undefined;
  const weeks = Math.floor((days ?? 0) / 7);
  const cleared = details.cleared === true;
  if (days !== undefined && hold.awayDays !== undefined && days < hold.awayDays)
    return {
      facts: { waiting: 'recent' },
      alerts: [stop(`${name}: not in class in the first ${hold.awayDays} days, whoever has said yes.`)],
    };
  if (!cleared && hold.overWeeks !== undefined && days !== undefined && weeks >= hold.overWeeks)
    return undefined;
  const asked =
    hold.dated !== undefined && days === undefined
      ? [ask(`${name}: ask when it was. Read as just now until then.`)]
      : [];
  if (!cleared) {
    const isOld = hold.dated === undefined || (days !== undefined && weeks >= OLD_WEEKS);
    const { meanwhile } = hold;
    if (meanwhile?.is.includes(String(details[meanwhile.detail]))) {
      const said = `Until then ${sayOpenings(meanwhile.opens)}, and no more.`;
      return {
        facts: opened(meanwhile.opens),
        alerts: [...asked, clear(`${name}: no medical clearance yet. ${said}`)],
      };
    }
    const waiting = clear(
      `${name}: no medical clearance yet. Until then breath, small joints and rest only.`,
    );
    return { facts: { waiting: isOld ? 'old' : 'recent' }, alerts: [...asked, waiting] };
  }
  const said = openedBy(details);
  const usual = hold.usually.filter(({ fromWeek }) => fromWeek <= weeks).at(-1)?.opens ?? [];
  const opens = OPENINGS.filter((one) => (said ?? usual).includes(one));
  const shut = OPENINGS.filter((one) => !opens.includes(one));
  const waits = shut.length
    ? [know(`${name}: ${saidText(opens, said !== undefined)} Not yet: ${sayOpenings(shut)}.`)]
    : [];
  return {
    facts: opened(opens),
    alerts: [...asked, ...waits],
  };
}

const ON_THE_FLOOR = at('lying', 'side-lying', 'prone', 'sitting', 'kneeling', 'all-fours');
/** Shares of the usual range of the spine beyond which it is at its end. Common practice, no published source. */
const NEAR_THE_END = 0.8;
const ENDS = [
  'lumbarFlexionUse',
  'lumbarExtensionUse',
  'thoracicExtensionUse',
  'sideBendUse',
  'thoracicTwistUse',
  'neckExtensionUse',
] as const;

/** What bites where an opening is shut. Light effort is under 3 METs (ACSM, from memory). */
const SHUT: Readonly<Record<Opening, readonly (Bound | readonly [Bound, ...Bound[]])[]>> = {
  floor: [ON_THE_FLOOR],
  balance: [[over('oneLeg', 0), unsupported]],
  hands: [over('handsShare', 0.15), over('forearmsShare', 0.15)],
  'end-range': ENDS.map((use) => over(use, NEAR_THE_END)),
  'upside-down': [over('inverted', 0), over('headBelowHeart', 10)],
  'moderate-effort': [over('met', 2.9)],
};

/** Standing and sitting as one does anyway. */
const PLAIN = ['mountain', 'easy-seat', 'seated-breath'];

/**
 * The rules of a hold. Without a clearance only breath, small joints and rest, on a chair or standing where it was
 * lately; with one, all but what it does not open. What the team has ordered by name is never held back.
 */
function holdRules({ waits, dated }: Hold): Rule[] {
  const others: readonly [Bound, Bound] = [{ familyNot: ['breath', 'joints', 'rest'] }, { poseNot: PLAIN }];
  const why = `Until there is a medical clearance: breath, small joints and rest. ${waits}`;
  const rules = [
    ...(dated
      ? [
          never('hold-waiting', others, why, { when: [is('waiting', 'recent')] }),
          never(
            'hold-floor-first',
            ON_THE_FLOOR,
            'Until there is a medical clearance: not down to the floor.',
            {
              when: [is('waiting', 'recent')],
            },
          ),
        ]
      : []),
    limit('hold-waiting-long', others, why, {
      when: [is('waiting', 'old')],
      house: { topic: 'who-may-start', positions: ['ask-first-for-listed'] },
    }),
    ...OPENINGS.flatMap((opening) =>
      SHUT[opening].map((bound, i) =>
        limit(
          `hold-${opening}${i ? `-${i + 1}` : ''}`,
          bound,
          `The medical clearance does not say ${OPENING_WORDS[opening]}: not yet.`,
          { when: [is('waiting', 'no'), is(opening, false)] },
        ),
      ),
    ),
  ];
  return rules.map((rule): Rule => ({ ...rule, unlessOrdered: true }));
}

/** A stage with where its hold stands: what the hold says of clearance and date takes the place of what it says. */
function withHold(stage: Stage, hold: Pick<Stage, 'facts' | 'alerts'> | undefined): Stage {
  const isSaid = ({ kind, text }: Alert): boolean =>
    kind === 'clearance' || (kind === 'ask' && text.includes('when it was'));
  const others = stage.alerts.filter((alert) => !isSaid(alert));
  return {
    ...stage,
    facts: { ...stage.facts, ...hold?.facts },
    alerts: [...others, ...(hold?.alerts ?? [])],
  };
}

/** A condition that waits for a medical clearance: see {@link Hold}. */
export function heldCondition(hold: Hold, parts: Parameters<typeof condition>[0]): Condition {
  const { name, rules, stage = () => staged('') } = parts;
  const made = condition({
    ...parts,
    stage: (input) => withHold(stage(input), standOfHold(name, hold, input)),
    rules: [...holdRules(hold), ...rules],
  });
  return { ...made, hold };
}
