import {
  isLoosened,
  movableBound,
  readHallRules,
  type HallRules,
  type MovedLimit,
  type Rule,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useForm } from 'react-hook-form';
import { useBase } from '../../data/useBase.js';
import { savedMeanwhile } from '../../data/client.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHallRules } from '../../data/hall/useSaveHallRules.js';
import { today } from '../../data/today.js';
import type { Hall } from '../../data/types.js';
import { percentOf, sayLimit } from '../../domain/words/ruleWords.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import { TextField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';
import { RuleDialog } from './RuleDialog.js';

interface Values {
  to: string;
  reason: string;
  by: string;
}

const asNumber = (typed: string): number => Number(typed.replace(',', '.'));

/** Moves a rule's number, with a reason. A looser number is said to be one, and marked wherever it decides. */
export function MoveLimitDialog({ rule, onClose }: { rule: Rule; onClose: () => void }) {
  const saving = useSaveHallRules();
  const hall = useHall();
  const movable = movableBound(rule)!;
  const bound = rule.all[movable.index]!;
  // A share is typed as it is said: in per cent.
  const share = 'measure' in bound ? percentOf(bound.measure) : undefined;
  const scale = share ? 100 : 1;
  const movedIn = ({ moved }: HallRules): MovedLimit | undefined => moved.find((one) => one.rule === rule.id);
  const valuesIn = (rules: HallRules): Values => {
    const moved = movedIn(rules);
    return {
      to: String(Math.round((moved?.to ?? movable.value) * scale * 1000) / 1000),
      reason: moved?.reason ?? '',
      by: moved?.by ?? hall.teacher,
    };
  };
  const { register, handleSubmit, watch, getValues, reset, formState } = useForm<Values>({
    defaultValues: valuesIn(hall.rules),
  });
  const moveOf = ({ to, reason, by }: Values): MovedLimit => ({
    rule: rule.id,
    to: asNumber(to) / scale,
    reason,
    by,
    on: today(),
  });
  const { errors } = readHallRules({ moved: [moveOf(watch())], own: [] }, RULEBOOK);
  const wrong = (key: string): string | undefined =>
    formState.isSubmitted ? errors.find(({ field }) => field === `moved[0].${key}`)?.message : undefined;
  const theirs = savedMeanwhile<Hall>(saving.error);
  const { version, rebase, isUntouched } = useBase({ version: hall.version, part: movedIn(hall.rules) });
  /** Puts this rule's number into the hall's rules as they are, or takes it out; others stay. */
  const save = (
    move: MovedLimit | undefined,
    { version: onto, rules }: Pick<Hall, 'version' | 'rules'> = { version, rules: hall.rules },
  ): void =>
    saving.mutate(
      {
        version: onto,
        rules: {
          ...rules,
          moved: [...rules.moved.filter((one) => one.rule !== rule.id), ...(move ? [move] : [])],
        },
      },
      {
        onSuccess: onClose,
        onError: (error) => {
          const now = savedMeanwhile<Hall>(error);
          if (now && isUntouched(movedIn(now.rules))) save(move, now);
        },
      },
    );
  const submit = (onto?: Hall) =>
    handleSubmit((values) => {
      if (!errors.length) save(moveOf(values), onto);
    });
  const typed = asNumber(watch('to')) / scale;
  const loosened = Number.isFinite(typed) && isLoosened(rule, typed);
  return (
    <RuleDialog
      title="Move this limit"
      save="Save this limit"
      saving={saving.isPending}
      onClose={onClose}
      onSubmit={() => void submit()()}
      aside={
        movedIn(hall.rules) && (
          <Button look="quiet" disabled={saving.isPending} onClick={() => save(undefined)}>
            As the rulebook has it
          </Button>
        )
      }
    >
      <p>{rule.reason}</p>
      <TextField
        autoFocus
        label={
          `Limit (the rulebook says ` +
          `${'measure' in bound ? sayLimit(bound.measure, movable.value) : `${movable.value} s`})`
        }
        inputMode="decimal"
        {...register('to')}
        error={wrong('to')}
        hint={share && `In per cent ${share}: 50 is half.`}
      />
      {loosened && (
        <p role="status" className="rounded-lg border border-clay bg-clay-wash px-3 py-2">
          <b>This loosens the rule.</b> It will be marked on every fitting where it decides.
        </p>
      )}
      <TextField label="Reason" {...register('reason')} error={wrong('reason')} />
      <TextField label="Decided by" {...register('by')} error={wrong('by')} />
      {theirs ? (
        <Conflict
          what="the hall’s rules"
          differences={differing(
            (['to', 'reason', 'by'] as const).map((key) => [
              { to: 'Limit', reason: 'Reason', by: 'Decided by' }[key],
              getValues(key),
              valuesIn(theirs.rules)[key],
            ]),
          )}
          onMine={() => void submit(theirs)()}
          onTheirs={() => {
            reset(valuesIn(theirs.rules));
            rebase({ version: theirs.version, part: movedIn(theirs.rules) });
            saving.reset();
          }}
        />
      ) : (
        saving.error && <Problem error={saving.error} />
      )}
    </RuleDialog>
  );
}
