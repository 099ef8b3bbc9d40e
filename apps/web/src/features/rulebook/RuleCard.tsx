import {
  isLoosened,
  movableBound,
  waysToSatisfy,
  type OwnRule,
  type Rule,
  type StageTest,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Pencil, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHallRules } from '../../data/hall/useSaveHallRules.js';
import { Button } from '../../ui/Button.js';
import { LazyFigure } from '../../domain/figure/LazyFigure.js';
import { MoveLimitDialog } from './MoveLimitDialog.js';
import { CitedInFull } from '../../domain/words/Cited.js';
import { touchedBy } from './touched.js';
import { LEVEL_WORDS, sayBounds, sayLimit } from '../../domain/words/ruleWords.js';

const FEW = 7;

const sayTest = (test: StageTest): string => {
  const fact = test.fact.replace(/([A-Z])/g, ' $1').toLowerCase();
  if ('is' in test)
    return `${fact}: ${test.is
      .map((value) => {
        if (value === true) return 'yes';
        if (value === false) return 'no';
        return value;
      })
      .join(' or ')}`;
  if ('from' in test) return `${fact} from ${test.from}`;
  return `${fact} below ${test.below}`;
};

const LEVEL_TINTS = {
  watch: 'border-line text-soft',
  need: 'border-indigo text-indigo',
  limit: 'border-indigo text-indigo',
  never: 'border-clay text-clay',
};

/**
 * One rule: the reason first, then what it looks at, how it is met, what it rests on, and the figures it
 * touches.
 */
export function RuleCard({ rule, condition }: { rule: Rule; condition: string }) {
  const hall = useHall().rules;
  const [moving, setMoving] = useState(false);
  const moved = hall.moved.find((one) => one.rule === rule.id);
  const movable = movableBound(rule);
  const bound = movable && rule.all[movable.index];
  return (
    <article className="rounded-2xl border border-line bg-paper p-5">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
        <h3 className="min-w-60 flex-1 text-lg">{rule.reason}</h3>
        <span className={`rounded-full border px-3 py-0.5 ${LEVEL_TINTS[rule.level]}`}>
          {LEVEL_WORDS[rule.level]}
        </span>
      </div>
      <p className="mt-1 text-soft">
        Exceeded when {sayBounds(rule)}.
        {(rule.when ?? []).length > 0 && ` When ${rule.when!.map(sayTest).join(', ')}.`}
        {rule.adds && ` Adds ${rule.adds.prop} ${rule.adds.where}.`} Solved by{' '}
        {waysToSatisfy(rule).join(', ')}.
      </p>
      {rule.cue && <p className="mt-1">Say: “{rule.cue}”</p>}
      {rule.house && (
        <p className="mt-1 text-indigo">
          By your view on{' '}
          <Link className="underline" to={`/house-view#${rule.house.topic}`}>
            {RULEBOOK.houseViewTopics[rule.house.topic]!.name}
          </Link>
          .
        </p>
      )}
      <p className="mt-1">
        <CitedInFull evidence={rule.evidence} />
      </p>
      {moved && movable && bound && (
        <p
          className={
            `mt-2 rounded-lg border px-3 py-2 ` +
            `${isLoosened(rule, moved.to) ? 'border-clay bg-clay-wash' : 'border-teal bg-teal-wash'}`
          }
        >
          <b>{isLoosened(rule, moved.to) ? 'Loosened' : 'Tightened'} here</b> from{' '}
          {'measure' in bound ? sayLimit(bound.measure, movable.value) : `${movable.value} s`} to{' '}
          {'measure' in bound ? sayLimit(bound.measure, moved.to) : `${moved.to} s`} by {moved.by}:{' '}
          {moved.reason}
        </p>
      )}
      <Touched rule={rule} condition={condition} />
      {movable && (
        <Button look="quiet" className="-ml-3" onClick={() => setMoving(true)}>
          <Pencil aria-hidden size={16} />
          {moved ? 'Change or take back the moved limit' : 'Move this limit'}
        </Button>
      )}
      {moving && movable && <MoveLimitDialog rule={rule} onClose={() => setMoving(false)} />}
    </article>
  );
}

/** A rule of the hall's own. */
export function OwnRuleCard({ rule: { id, condition, measure, over, reason, by } }: { rule: OwnRule }) {
  const { rules, version } = useHall();
  const saving = useSaveHallRules();
  const rule: Rule = {
    id,
    level: 'limit',
    all: [{ measure, over }],
    reason,
    evidence: { kind: 'common-practice', source: `own rule of the hall, ${by}` },
  };
  return (
    <article className="rounded-2xl border-2 border-teal bg-paper p-5">
      <h3 className="text-lg">{reason}</h3>
      <p className="mt-1 text-soft">
        Exceeded when {sayBounds(rule)}. A rule of your own, by {by}.
      </p>
      <Touched rule={rule} condition={condition} />
      <Button
        look="quiet"
        className="-ml-3"
        disabled={saving.isPending}
        onClick={() =>
          saving.mutate({ version, rules: { ...rules, own: rules.own.filter((one) => one.id !== id) } })
        }
      >
        <Trash2 aria-hidden size={16} />
        Remove
      </Button>
    </article>
  );
}

/** The variants a rule touches right now, as figures. */
function Touched({ rule, condition }: { rule: Rule; condition: string }) {
  const [all, setAll] = useState(false);
  const touched = useMemo(() => touchedBy(rule, condition), [rule, condition]);
  const shown = all ? touched : touched.slice(0, FEW);
  if (!touched.length)
    return (
      <p className="mt-2 text-soft">
        Touches no way at its usual hold; a longer hold, a class sum or a change of level does.
      </p>
    );
  return (
    <div className="mt-2">
      <p className="text-soft">
        Affects {touched.length} {touched.length === 1 ? 'version' : 'versions'} in the atlas:
      </p>
      <ul className="mt-1 flex flex-wrap gap-2">
        {shown.map(({ pose, variant }) => (
          <li key={variant.id} className="w-27">
            <Link
              to={`/atlas/${pose.id}?variant=${variant.id}`}
              className="block rounded-xl bg-(--fig-paper) p-1 text-center text-sm leading-tight hover:bg-teal-wash"
              title={`${pose.name}, ${variant.name}`}
            >
              <LazyFigure variant={variant.id} width={100} height={78} decorative className="w-full" />
              {pose.name}
            </Link>
          </li>
        ))}
      </ul>
      {touched.length > FEW && (
        <Button look="quiet" className="-ml-3" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? 'Show fewer' : `Show all ${touched.length}`}
        </Button>
      )}
    </div>
  );
}
