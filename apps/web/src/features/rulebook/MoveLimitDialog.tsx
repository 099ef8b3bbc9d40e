import { isLoosened, readHallRules, type MovedLimit, type Rule } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { useForm } from 'react-hook-form';
import { savedMeanwhile } from '../../data/client.js';
import { isUntouched, versionOn, type Base } from '../../data/drafts/base.js';
import { useDraft, type DraftOfForm } from '../../data/drafts/useDraft.js';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHallRules } from '../../data/hall/useSaveHallRules.js';
import type { Hall } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { Conflict } from '../../ui/Conflict.js';
import { differing } from '../../ui/differences.js';
import { CheckField, TextField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';
import { limitOf, withMove, type LimitValues } from './movedLimit.js';
import { RuleDialog } from './RuleDialog.js';

/** Moves a rule's number, with a reason. A looser number is asked about, and marked wherever it decides. */
export function MoveLimitDialog({ rule, onClose }: { rule: Rule; onClose: () => void }) {
  const hall = useHall();
  const { share, usual, numberOf, movedIn, valuesOf, moveOf } = limitOf(rule);
  const valuesIn = (of: Hall): LimitValues => valuesOf(movedIn(of.rules), hall.teacher);
  const form = useForm<LimitValues>({ defaultValues: valuesIn(hall) });
  const { register, handleSubmit, watch, getValues, reset, formState } = form;
  const now = { version: hall.version, part: movedIn(hall.rules) };
  const draft = useDraft(form, `hall:limit:${rule.id}`, now);
  const { saving, save } = useSaveMove(rule.id, { draft, movedIn, onSaved: onClose });
  const theirs = savedMeanwhile<Hall>(saving.error);

  const typed = watch();
  const { errors } = readHallRules({ moved: [moveOf(typed)], own: [] }, RULEBOOK);
  const loosens = Number.isFinite(numberOf(typed)) && isLoosened(rule, numberOf(typed));
  const wrong = (key: string): string | undefined =>
    formState.isSubmitted ? errors.find(({ field }) => field === `moved[0].${key}`)?.message : undefined;
  const submit = (onto: Hall = { ...hall, version: versionOn(now, draft) }) =>
    handleSubmit((values) => {
      if (!errors.length && (!loosens || values.meant)) save(moveOf(values), onto);
    });
  return (
    <RuleDialog
      title="Move this limit"
      save="Save this limit"
      saving={saving.isPending}
      draft={draft}
      onClose={onClose}
      onSubmit={() => void submit()()}
      aside={
        movedIn(hall.rules) && (
          <Button look="quiet" disabled={saving.isPending} onClick={() => save(undefined, hall)}>
            As the rulebook has it
          </Button>
        )
      }
    >
      <p>{rule.reason}</p>
      <TextField
        autoFocus
        label={`Limit (the rulebook says ${usual})`}
        inputMode="decimal"
        {...register('to')}
        error={wrong('to')}
        hint={share && `In per cent ${share}: 50 is half.`}
      />
      {loosens && (
        <div role="status" className="rounded-lg border border-clay bg-clay-wash px-3 py-2">
          <p>
            <b>This loosens the rule.</b> It will be marked on every fitting where it decides.
          </p>
          <CheckField label="Yes, this is meant" {...register('meant')} />
          {formState.isSubmitted && !typed.meant && (
            <p className="font-semibold text-clay">Say that it is meant, or take a tighter number.</p>
          )}
        </div>
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
              valuesIn(theirs)[key],
            ]),
          )}
          onMine={() => void submit(theirs)()}
          onTheirs={() => {
            reset(valuesIn(theirs));
            draft.rebase({ version: theirs.version, part: movedIn(theirs.rules) });
            saving.reset();
          }}
        />
      ) : (
        saving.error && <Problem error={saving.error} />
      )}
    </RuleDialog>
  );
}

/** Saves a rule's number, or the rulebook's; where others changed only what is not this rule's, on theirs. */
function useSaveMove(
  rule: string,
  {
    draft,
    movedIn,
    onSaved,
  }: {
    draft: DraftOfForm<Base<MovedLimit | undefined>>;
    movedIn: ReturnType<typeof limitOf>['movedIn'];
    onSaved: () => void;
  },
) {
  const saving = useSaveHallRules();
  const save = (move: MovedLimit | undefined, { version, rules }: Pick<Hall, 'version' | 'rules'>): void =>
    saving.mutate(
      { version, rules: withMove(rules, rule, move) },
      {
        onSuccess: () => {
          draft.forget();
          onSaved();
        },
        onError: (error) => {
          const theirs = savedMeanwhile<Hall>(error);
          if (theirs && isUntouched(movedIn(theirs.rules), draft)) save(move, theirs);
        },
      },
    );
  return { saving, save };
}
