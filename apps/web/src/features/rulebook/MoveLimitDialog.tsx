import { isLoosened, movableBound, readHallRules, type MovedLimit, type Rule } from '@lotus-steady/core';
import { useState, type FormEvent } from 'react';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHallRules } from '../../data/hall/useSaveHallRules.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';
import { today } from '../../data/today.js';
import { Problem } from '../../ui/states.js';
import { sayLimit } from '../../domain/words/ruleWords.js';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

/** Moves a rule's number, with a reason. A looser number is said to be one, and marked wherever it decides. */
export function MoveLimitDialog({ rule, onClose }: { rule: Rule; onClose: () => void }) {
  const saving = useSaveHallRules();
  const hall = useHall();
  const hallRules = hall.rules;
  const movable = movableBound(rule)!;
  const known = hallRules.moved.find((one) => one.rule === rule.id);
  const bound = rule.all[movable.index]!;
  const [to, setTo] = useState(String(known?.to ?? movable.value));
  const [reason, setReason] = useState(known?.reason ?? '');
  const [by, setBy] = useState(known?.by ?? hall.teacher);
  const [asked, setAsked] = useState(false);
  const move: MovedLimit = { rule: rule.id, to: Number(to.replace(',', '.')), reason, by, on: today() };
  const others = hallRules.moved.filter((one) => one.rule !== rule.id);
  const errors = readHallRules({ moved: [move], own: [] }, RULEBOOK).errors;
  const wrong = (key: string): string | undefined =>
    asked ? errors.find(({ field }) => field === `moved[0].${key}`)?.message : undefined;
  const loosened = Number.isFinite(move.to) && isLoosened(rule, move.to);
  const save = (moved: readonly MovedLimit[]): void =>
    saving.mutate({ version: hall.version, rules: { ...hallRules, moved } }, { onSuccess: onClose });
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setAsked(true);
    if (!errors.length) save([...others, move]);
  };
  return (
    <Modal title="Move this limit" onClose={onClose}>
      <form noValidate className="space-y-4" onSubmit={submit}>
        <p>{rule.reason}</p>
        <TextField
          autoFocus
          label={
            `Limit (the rulebook says ` +
            `${'measure' in bound ? sayLimit(bound.measure, movable.value) : `${movable.value} s`})`
          }
          inputMode="decimal"
          value={to}
          onChange={(event) => setTo(event.target.value)}
          error={wrong('to')}
          hint={
            'measure' in bound && bound.measure.endsWith('Use')
              ? 'As a share of the usual range: 0.5 is half.'
              : undefined
          }
        />
        {loosened && (
          <p role="status" className="rounded-lg border border-clay bg-clay-wash px-3 py-2">
            <b>This loosens the rule.</b> It will be marked on every fitting where it decides.
          </p>
        )}
        <TextField
          label="Reason"
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          error={wrong('reason')}
        />
        <TextField
          label="Decided by"
          value={by}
          onChange={(event) => setBy(event.target.value)}
          error={wrong('by')}
        />
        {saving.error && <Problem error={saving.error} />}
        <div className="flex flex-wrap justify-end gap-3">
          {known && (
            <Button look="quiet" className="mr-auto" disabled={saving.isPending} onClick={() => save(others)}>
              As the rulebook has it
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={saving.isPending}>
            Save this limit
          </Button>
        </div>
      </form>
    </Modal>
  );
}
