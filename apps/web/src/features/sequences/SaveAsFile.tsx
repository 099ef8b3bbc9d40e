import type { Plan } from '@lotus-steady/core';
import { Download } from 'lucide-react';
import { catalogue } from '../../data/catalogue.js';
import { csvOf } from '../../domain/plan/csvOf.js';
import type { SequenceFile } from '../../domain/plan/openPlan.js';
import { Button } from '../../ui/Button.js';

/** A name that every computer takes. */
const fileName = (title: string): string => title.replace(/[^\p{L}\p{N} ,.-]+/gu, ' ').trim() || 'sequence';

function download(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** The sequence as a file of one's own: the text as it is written, a table, or with its title as JSON. */
export function SaveAsFile({ plan, source }: { plan: Plan; source: string }) {
  const { title } = plan;
  const name = fileName(title);
  const ways: readonly (readonly [word: string, save: () => void])[] = [
    ['text', () => download(`${name}.txt`, 'text/plain', source)],
    [
      'CSV',
      () => void csvOf(plan, catalogue().flows).then((text) => download(`${name}.csv`, 'text/csv', text)),
    ],
    [
      'JSON',
      () =>
        download(
          `${name}.json`,
          'application/json',
          JSON.stringify({ title, source } satisfies SequenceFile, null, 1),
        ),
    ],
  ];
  return (
    <span className="flex items-center text-teal">
      <Download aria-hidden size={18} className="mx-2" />
      <span aria-hidden className="font-semibold">
        Save as
      </span>
      {ways.map(([word, save]) => (
        <Button
          key={word}
          look="quiet"
          aria-label={`Save as ${word}`}
          className="px-2! underline"
          onClick={save}
        >
          {word}
        </Button>
      ))}
    </span>
  );
}
