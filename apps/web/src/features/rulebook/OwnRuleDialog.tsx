import { fold, readHallRules, type OwnRule, type Quantity } from '@lotus-steady/core';
import { useMemo, useState, type FormEvent } from 'react';
import { useHall } from '../../data/hall/useHall.js';
import { useSaveHallRules } from '../../data/hall/useSaveHallRules.js';
import { Button } from '../../ui/Button.js';
import { SelectField, TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';
import { today } from '../../data/today.js';
import { Problem } from '../../ui/states.js';
import { measureWords } from '../../domain/words/measureWords.js';
import { touchedBy } from './touched.js';
import { RULEBOOK } from '@lotus-steady/core/rulebook';

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

/**
 * A rule of the teacher's own for a condition: a measure, a number and a reason; what it would touch is
 * shown at once.
 */
export function OwnRuleDialog({ condition, onClose }: { condition: string; onClose: () => void }) {
  const saving = useSaveHallRules();
  const hall = useHall();
  const hallRules = hall.rules;
  const [measure, setMeasure] = useState<Quantity>('headBelowHeart');
  const [over, setOver] = useState('5');
  const [reason, setReason] = useState('');
  const [by, setBy] = useState(hall.teacher);
  const [asked, setAsked] = useState(false);
  const id = `hall.${condition}-${
    fold(reason)
      .replace(/[^a-z0-9]+/g, '-')
      .slice(0, 30)
      .replace(/^-|-$/g, '') || 'rule'
  }-${hallRules.own.length + 1}`;
  const rule: OwnRule = {
    id,
    condition,
    measure,
    over: Number(over.replace(',', '.')),
    reason,
    by,
    on: today(),
  };
  const errors = readHallRules({ moved: [], own: [rule] }, RULEBOOK).errors;
  const wrong = (key: string): string | undefined =>
    asked ? errors.find(({ field }) => field === `own[0].${key}`)?.message : undefined;
  const touched = useMemo(
    () =>
      Number.isFinite(rule.over)
        ? touchedBy(
            {
              id: 'hall.try',
              level: 'limit',
              all: [{ measure, over: rule.over }],
              reason: '',
              evidence: { kind: 'memory', source: '' },
            },
            condition,
          ).length
        : 0,
    [measure, rule.over, condition],
  );
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    setAsked(true);
    if (!errors.length)
      saving.mutate(
        { version: hall.version, rules: { ...hallRules, own: [...hallRules.own, rule] } },
        { onSuccess: onClose },
      );
  };
  const { unit } = measureWords(measure, 1, 1);
  return (
    <Modal title="A rule of my own" onClose={onClose}>
      <form noValidate className="space-y-4" onSubmit={submit}>
        <div className="grid gap-4 sm:grid-cols-2">
          <SelectField
            label="What it looks at"
            value={measure}
            onChange={(event) => setMeasure(event.target.value as Quantity)}
            error={wrong('measure')}
          >
            {MEASURES.map((name) => (
              <option key={name} value={name}>
                {measureWords(name, 1, 1).words}
              </option>
            ))}
          </SelectField>
          <TextField
            label={unit ? `At most, in${unit.replace('°', ' degrees')}` : 'At most'}
            inputMode="decimal"
            value={over}
            onChange={(event) => setOver(event.target.value)}
            error={wrong('over')}
          />
        </div>
        <p role="status" className="text-soft">
          It would touch {touched} of the ways in the atlas.
        </p>
        <TextField
          label="Reason, as you would say it"
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
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={saving.isPending}>
            Keep this rule
          </Button>
        </div>
      </form>
    </Modal>
  );
}
