import { FileText, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fieldsOf } from '../../data/client.js';
import { useAddDocument } from '../../data/documents/useAddDocument.js';
import { useDocuments } from '../../data/documents/useDocuments.js';
import { useRemoveDocument } from '../../data/documents/useRemoveDocument.js';
import { sayDate } from '../../domain/words/say.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';
import { Problem, Reading } from '../../ui/states.js';
import { sayRemoved } from '../../ui/toasts.js';

const KINDS = ['application/pdf', 'image/jpeg', 'image/png'];
/** The largest document, bytes, and as one says it. */
const MOST = 12_000_000;
const MOST_SAID = '12 MB';

/** "340 kB", "2.1 MB". */
const saySize = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

/** Letters and reports of somebody. */
export function DocumentsOf({ id }: { id: string }) {
  const reading = useDocuments(id);
  const [isAdding, setAdding] = useState(false);
  const { remove, restore } = useRemoveDocument(id);
  const { data: documents } = reading;
  return (
    <section aria-label="Documents" className="mb-8">
      <h2 className="mb-2 text-xl">Documents</h2>
      <Reading what="Loading the documents" of={reading} />
      {remove.error && <Problem error={remove.error} />}
      {documents?.length === 0 && (
        <p className="mb-2 text-soft">No letter or report yet. What is kept here is encrypted.</p>
      )}
      {documents && documents.length > 0 && (
        <ul className="mb-3 divide-y divide-line rounded-xl border border-line bg-paper">
          {documents.map((one) => (
            <li key={one.id} className="flex flex-wrap items-center gap-x-4 px-4 py-1">
              <FileText aria-hidden size={20} className="text-soft" />
              <span className="min-w-48 flex-1">
                {one.unreadable ? (
                  <b className="text-clay">A document that cannot be read</b>
                ) : (
                  <a
                    className="font-semibold text-teal underline"
                    href={`/api/documents/${one.id}/file`}
                    download
                  >
                    {one.name}
                  </a>
                )}
                <span className="block text-sm text-soft">
                  {[one.on && sayDate(one.on), one.by && `from ${one.by}`, one.size > 0 && saySize(one.size)]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </span>
              <Button
                look="quiet"
                aria-label={`Remove ${one.name || 'it'}`}
                disabled={remove.isPending}
                onClick={() =>
                  remove.mutate(one.id, {
                    onSuccess: () => sayRemoved(one.name, () => restore.mutateAsync(one.id)),
                  })
                }
              >
                <Trash2 aria-hidden size={18} />
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Button onClick={() => setAdding(true)}>Add a document</Button>
      {isAdding && <AddDocument id={id} onClose={() => setAdding(false)} />}
    </section>
  );
}

/** What a file is called, without its ending. */
const nameOf = (file: File | undefined): string => file?.name.replace(/\.[^.]+$/, '') ?? '';

/** What is wrong with a file before it is sent. */
function wrongWith(file: File | undefined): string | undefined {
  if (!file) return 'Still needed: the file.';
  if (!KINDS.includes(file.type)) return 'A document is a PDF, or a picture (JPEG, PNG).';
  return file.size > MOST ? `This file is too large: at most ${MOST_SAID}.` : undefined;
}

function AddDocument({ id, onClose }: { id: string; onClose: () => void }) {
  const adding = useAddDocument(id);
  const [file, setFile] = useState<File>();
  const { register, handleSubmit, setValue, getValues, formState } = useForm({
    defaultValues: { name: '', on: '', by: '' },
  });
  const wrong = formState.isSubmitted || file ? wrongWith(file) : undefined;
  const wrongAt = (field: string): string | undefined =>
    fieldsOf(adding.error).find((one) => one.field === field)?.message;
  return (
    <Modal title="Add a document" onClose={onClose}>
      <form
        noValidate
        className="space-y-4"
        onSubmit={(event) =>
          void handleSubmit(({ name, on, by }) => {
            if (!file || wrongWith(file)) return;
            adding.mutate(
              { file, name, ...(on ? { on } : {}), ...(by.trim() ? { by } : {}) },
              { onSuccess: onClose },
            );
          })(event)
        }
      >
        <TextField
          label="File"
          type="file"
          accept={KINDS.join(',')}
          hint={`A PDF, or a picture (JPEG, PNG), at most ${MOST_SAID}.`}
          {...(wrong ? { error: wrong } : {})}
          onChange={({ target }) => {
            const chosen = target.files?.[0];
            setFile(chosen);
            // What was typed stays; what a file before was called does not.
            if (chosen && [nameOf(file), ''].includes(getValues('name'))) setValue('name', nameOf(chosen));
          }}
        />
        <TextField label="What it is" error={wrongAt('name')} {...register('name')} />
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField label="The day on it" type="date" error={wrongAt('on')} {...register('on')} />
          <TextField label="From whom" error={wrongAt('by')} {...register('by')} />
        </div>
        {adding.error && !fieldsOf(adding.error).length && <Problem error={adding.error} />}
        <div className="flex flex-wrap justify-end gap-3">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={adding.isPending}>
            {adding.isPending ? 'Saving …' : 'Keep it'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
