import type { UseFormReturn } from 'react-hook-form';
import { today } from '../../data/today.js';
import { CheckField } from '../../ui/Field.js';
import type { PersonValues } from '../person/personValues.js';
import { sayDate } from '../words/say.js';

/** What is agreed to: why it is kept, who sees it, and that it can be taken back. */
export const CONSENT =
  'What I have told is kept so that classes can be fitted to me. My teachers in this hall see it; assistants see ' +
  'what I do and with which props, and nothing of my health. I may ask for a copy, have it put right or removed, ' +
  'and take this back at any time. It does not replace my doctor, midwife or physiotherapist.';

/** What somebody agrees to, with its words and its day; a no is as good an answer. */
export function ConsentFields({
  form: { watch, setValue },
  by,
}: {
  form: UseFormReturn<PersonValues>;
  by: string;
}) {
  const consent = watch('consent');
  return (
    <div className="space-y-3">
      <blockquote className="rounded-2xl border border-line bg-paper p-4">
        {consent.words || CONSENT}
      </blockquote>
      <CheckField
        label={
          consent.words
            ? `Agreed on ${sayDate(consent.on)}, taken down by ${consent.by}`
            : 'They agree to this'
        }
        checked={Boolean(consent.words)}
        onChange={(event) =>
          setValue(
            'consent',
            event.target.checked
              ? { words: CONSENT, on: today(), by: by || 'the teacher' }
              : { words: '', on: '', by: '' },
            { shouldDirty: true },
          )
        }
      />
    </div>
  );
}
