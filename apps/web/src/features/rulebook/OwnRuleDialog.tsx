import { fold, readHallRules, type OwnRule, type Quantity } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useMemo } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { savedMeanwhile } from '../../data/client.js';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHallRules } from '../../data/hall/useSaveHallRules.js';
import { today } from '../../data/today.js';
import type { Hall } from '../../data/types.js';
import { measureWords } from '../../domain/words/measureWords.js';
import { percentOf } from '../../domain/words/ruleWords.js';
import { ComboboxField } from '../../ui/ComboboxField.js';
import { TextField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';
import { RuleDialog } from './RuleDialog.js';
import { touchedBy } from './touched.js';

/** Measures an own rule can look at, in the order a teacher thinks of them. */
const MEASURES: readonly Quantity[] = [
  'headBelowHeart',
  'eyesBelowHeart',
  'lumbarFlexion',
  'lumbarExtension',
  'thoracicTwist',
  'lumbarTwist',
  'sideBend',
  'neckFlexion',
  'neckExtension',
  'neckRotation',
  'hipFlexion',
  'hipExtension',
  'hipAbduction',
  'hipFlexionWithKneeStraight',
  'kneeFlexion',
  'shoulderFlexion',
  'shoulderAbduction',
  'shoulderExtension',
  'wristExtension',
  'handsShare',
  'kneesShare',
  'neckShare',
  'armsAboveHeart',
  'legsAboveHeart',
  'isometric',
  'abdominalLoad',
  'oneLeg',
  'inverted',
  'met',
];

const MEASURE_CHOICES = MEASURES.map((name) => ({ value: name, label: measureWords(name, 1, 1).words }));

interface Values {
  measure: Quantity;
  over: string;
  reason: string;
  by: string;
}

/** A name for a rule, from the first words of its reason. */
const idOf = (condition: string, reason: string, number: number): string => {
  const words = fold(reason)
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 30)
    .replace(/^-|-$/g, '');
  return `hall.${condition}-${words || 'rule'}-${number}`;
};

/** How many ways in the atlas a measure over a number would touch. */
const howMany = (condition: string, measure: Quantity, over: number): number =>
  Number.isFinite(over)
    ? touchedBy(
        {
          id: 'hall.try',
          level: 'limit',
          all: [{ measure, over }],
          reason: '',
          evidence: { kind: 'memory', source: '' },
        },
        condition,
      ).length
    : 0;

/**
 * A rule of the teacher's own for a condition: a measure, a number and a reason; what it would touch is
 * shown at once.
 */
export function OwnRuleDialog({ condition, onClose }: { condition: string; onClose: () => void }) {
  const saving = useSaveHallRules();
  const hall = useHall();
  const form = useForm<Values>({
    defaultValues: { measure: 'headBelowHeart', over: '5', reason: '', by: hall.teacher },
  });
  const { register, control, handleSubmit, watch, formState } = form;
  const draft = useDraft(form, `hall:rule:${condition}`, undefined);
  const values = watch();
  const share = percentOf(values.measure);
  const over = Number(values.over.replace(',', '.')) / (share ? 100 : 1);
  const ruleOf = ({ measure, reason, by }: Values, number: number): OwnRule => ({
    id: idOf(condition, reason, number),
    condition,
    measure,
    over,
    reason,
    by,
    on: today(),
  });
  const { errors } = readHallRules({ moved: [], own: [ruleOf(values, 1)] }, RULEBOOK);
  const wrong = (key: string): string | undefined =>
    formState.isSubmitted ? errors.find(({ field }) => field === `own[0].${key}`)?.message : undefined;
  const touched = useMemo(() => howMany(condition, values.measure, over), [condition, values.measure, over]);
  /** Puts the rule to the hall's as they are. */
  const submit = ({ version, rules }: Pick<Hall, 'version' | 'rules'> = hall) =>
    handleSubmit((typed) => {
      if (errors.length) return;
      const own = [...rules.own, ruleOf(typed, rules.own.length + 1)];
      saving.mutate(
        { version, rules: { ...rules, own } },
        {
          onSuccess: () => {
            draft.forget();
            onClose();
          },
          // A rule more takes nothing from anyone's: it is put to whatever there is now.
          onError: (error) => {
            const now = savedMeanwhile<Hall>(error);
            if (now) void submit(now)();
          },
        },
      );
    });
  const { unit } = measureWords(values.measure, 1, 1);
  const inUnit = unit ? `At most, in${unit.replace('°', ' degrees')}` : 'At most';
  const atMost = share ? `At most, in per cent ${share}` : inUnit;
  return (
    <RuleDialog
      title="A rule of my own"
      save="Keep this rule"
      saving={saving.isPending}
      draft={draft}
      onClose={onClose}
      onSubmit={() => void submit()()}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <Controller
          control={control}
          name="measure"
          render={({ field: { ref, ...field } }) => (
            <ComboboxField
              label="What it looks at"
              choices={MEASURE_CHOICES}
              error={wrong('measure')}
              {...field}
              ref={ref}
            />
          )}
        />
        <TextField label={atMost} inputMode="decimal" {...register('over')} error={wrong('over')} />
      </div>
      <p role="status" className="text-soft">
        It would affect {touched} versions in the atlas.
      </p>
      <TextField label="Reason, as you would say it" {...register('reason')} error={wrong('reason')} />
      <TextField label="Decided by" {...register('by')} error={wrong('by')} />
      {saving.error && !savedMeanwhile(saving.error) && <Problem error={saving.error} />}
    </RuleDialog>
  );
}
