import { LETTER_TO, type LetterTo } from '@lotus-steady/core';
import { Download } from 'lucide-react';
import { useForm } from 'react-hook-form';
import { useDraft } from '../../data/drafts/useDraft.js';
import { useLetter, useLetterPdf } from '../../data/letters/useLetter.js';
import { usePerson } from '../../data/people/usePerson.js';
import { SendByMail } from '../../domain/mail/SendByMail.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { BOX, FieldFrame } from '../../ui/Field.js';
import { OneOf } from '../../ui/OneOf.js';
import { Page } from '../../ui/Page.js';
import { saveBlob } from '../../ui/saveFile.js';
import { Problem, Reading } from '../../ui/states.js';
import { useAddress } from '../../ui/useAddress.js';

/** A letter to whoever treats her: begun from what is known, edited, and only then out. */
export function LetterScreen({ id }: { id: string }) {
  const { data: person } = usePerson(id);
  const [params, choose] = useAddress();
  const to = LETTER_TO.find((one) => one === params.get('to')) ?? 'doctor';
  return (
    <Page
      up={[
        { to: '/people', name: 'People' },
        { to: `/people/${id}`, name: person?.name ?? 'Person' },
      ]}
      title="Letter"
      about={
        'What is practised, what is left out and why, what was seen, and a question. ' +
        'Yours to change before it leaves.'
      }
    >
      <div className="max-w-3xl space-y-6">
        <OneOf
          label="To whom"
          of={LETTER_TO.map((one) => [one, `The ${one}`] as const)}
          value={to}
          onChange={(value) => choose({ to: value === 'doctor' ? '' : value })}
        />
        <Edited key={to} id={id} to={to} name={person?.name ?? 'Whoever it is about'} />
      </div>
    </Page>
  );
}

function Edited({ id, to, name }: { id: string; to: LetterTo; name: string }) {
  const reading = useLetter(id, to);
  return reading.data ? (
    <Letter id={id} to={to} name={name} written={reading.data.text} />
  ) : (
    <Reading what="Writing a beginning" of={reading} />
  );
}

function Letter({ id, to, name, written }: { id: string; to: LetterTo; name: string; written: string }) {
  const form = useForm({ defaultValues: { text: written } });
  const draft = useDraft(form, `letter:${id}:${to}`, 0);
  const pdf = useLetterPdf(id);
  const text = form.watch('text');
  return (
    <>
      <DraftNotice draft={draft} />
      <FieldFrame label="The letter">
        {(ids) => (
          <textarea
            {...ids}
            rows={22}
            maxLength={10_000}
            {...form.register('text')}
            className={`${BOX} border-strong-line leading-relaxed`}
          />
        )}
      </FieldFrame>
      <Button
        disabled={pdf.isPending || !text.trim()}
        onClick={() => pdf.mutate(text, { onSuccess: (blob) => saveBlob('Letter.pdf', blob) })}
      >
        <Download aria-hidden size={18} />
        Save as PDF
      </Button>
      {pdf.error && <Problem error={pdf.error} />}
      <SendByMail
        key={to}
        id={id}
        what={{ kind: 'letter', letter: text }}
        subject="A letter from a yoga teacher"
        text={'Dear colleague,\n\nplease find a letter attached. Thank you for reading it.\n'}
        agreed={`${name} has read it, and agrees that it is sent`}
      />
    </>
  );
}
