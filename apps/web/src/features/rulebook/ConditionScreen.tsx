import {
  conflictText,
  OPENINGS,
  sayOpenings,
  type Condition,
  type Hold,
  type WarningSign,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useHall } from '../../data/hall/useHall.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Terms } from '../../ui/Terms.js';
import { Empty } from '../../ui/states.js';
import { OwnRuleDialog } from './OwnRuleDialog.js';
import { OwnRuleCard, RuleCard } from './RuleCard.js';
import { catalogue } from '../../data/catalogue.js';

const SIGNS: Readonly<Record<string, WarningSign>> = RULEBOOK.warningSigns;

/** One condition: what goes well, what to ask, and every rule with what it touches right now. */
export function ConditionScreen() {
  const { id = '' } = useParams();
  const condition = RULEBOOK.conditions.find((known) => known.id === id);
  if (!condition)
    return (
      <Page title="Rulebook">
        <Empty action={<ButtonLink to="/rulebook">To the rulebook</ButtonLink>}>
          There is no such condition in the rulebook.
        </Empty>
      </Page>
    );
  return <Whole key={id} condition={condition} />;
}

/** What holds while there is no clearance. */
const sayWait = ({ awayDays, overWeeks, meanwhile, waits }: Hold): string =>
  [
    ...(awayDays ? [`Not in class in the first ${awayDays} days.`] : []),
    `Breath, small joints and rest. ${waits}`,
    ...(meanwhile ? [`With ${meanwhile.is.join(' or ')}: ${sayOpenings(meanwhile.opens)} too.`] : []),
    ...(overWeeks ? [`After ${overWeeks} weeks nobody needs to say yes any more.`] : []),
  ].join(' ');

/** What a clearance opens that does not say for what, week by week. */
const sayUsually = ({ usually }: Hold): string =>
  usually
    .map(({ fromWeek, opens }) => {
      const what = opens.length === OPENINGS.length ? 'everything' : sayOpenings(opens);
      return fromWeek ? `from week ${fromWeek} ${what}` : what;
    })
    .join('; ');

function Whole({ condition }: { condition: Condition }) {
  const { id, name, aliases, fields, well, clearance, hold, warnings, say, refer, rules } = condition;
  const hall = useHall().rules;
  const [adding, setAdding] = useState(false);
  const conflicts = RULEBOOK.conflicts.filter(({ between }) => between.includes(id));
  const facts: readonly (readonly [string, string | undefined])[] = [
    ['Goes well', well],
    ['Medical clearance', clearance],
    ['Until then', hold && sayWait(hold)],
    ['A bare yes opens', hold && sayUsually(hold)],
    ['Ask', fields.map((field) => field.question ?? `${field.label}?`).join(' ') || undefined],
    ['Say', say],
    ['Refer', refer],
    ['Also called', aliases.join(', ')],
  ];
  return (
    <Page
      title={name}
      up={[{ to: '/rulebook', name: 'Rulebook' }]}
      actions={
        <>
          <ButtonLink to={`/rulebook/what-if?with=${id}`}>What if …</ButtonLink>
          <Button onClick={() => setAdding(true)}>
            <Plus aria-hidden size={18} />A rule of my own
          </Button>
        </>
      }
    >
      <Terms look="framed" of={facts} />
      {warnings.length > 0 && (
        <section className="mb-6 rounded-2xl border border-clay bg-clay-wash p-5">
          <h2 className="mb-2 text-xl">Warning signs: no class</h2>
          <ul className="space-y-1">
            {warnings.map((sign) => (
              <li key={sign}>
                {SIGNS[sign]!.asks}: <b>{SIGNS[sign]!.who}</b>
              </li>
            ))}
          </ul>
        </section>
      )}
      {conflicts.map((conflict) => {
        const { between } = conflict;
        const other = RULEBOOK.conditions.find((known) => known.id === between.find((one) => one !== id))!;
        return (
          <p key={other.id} className="mb-4 rounded-2xl border border-line bg-paper px-5 py-3">
            <b>
              Together with{' '}
              <Link className="text-teal underline" to={`/rulebook/${other.id}`}>
                {other.name}
              </Link>
              :
            </b>{' '}
            {conflictText(conflict, catalogue().poseName)}
          </p>
        );
      })}
      <h2 className="mb-3 text-xl">Rules</h2>
      <ul className="space-y-4">
        {hall.own
          .filter((rule) => rule.condition === id)
          .map((rule) => (
            <li key={rule.id}>
              <OwnRuleCard rule={rule} />
            </li>
          ))}
        {rules.map((rule) => (
          <li key={rule.id} id={rule.id}>
            <RuleCard rule={rule} condition={id} />
          </li>
        ))}
      </ul>
      {adding && <OwnRuleDialog condition={id} onClose={() => setAdding(false)} />}
    </Page>
  );
}
