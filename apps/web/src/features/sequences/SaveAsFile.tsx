import type { Plan } from '@lotus-steady/core';
import { Download } from 'lucide-react';
import { catalogue } from '../../data/catalogue.js';
import { csvOf } from '../../domain/plan/csvOf.js';
import type { SequenceFile } from '../../domain/plan/openPlan.js';
import { Button } from '../../ui/Button.js';
import { saveFile } from '../../ui/saveFile.js';

/** A name that every computer takes. */
const fileName = (title: string): string => title.replace(/[^\p{L}\p{N} ,.-]+/gu, ' ').trim() || 'sequence';

/** The sequence as a file of one's own: the text as it is written, a table, or with its title as JSON. */
export function SaveAsFile({ plan, source }: { plan: Plan; source: string }) {
  const { title } = plan;
  const name = fileName(title);
  const ways: readonly (readonly [word: string, save: () => void])[] = [
    ['text', () => saveFile(`${name}.txt`, source, 'text/plain')],
    [
      'CSV',
      () => void csvOf(plan, catalogue().flows).then((text) => saveFile(`${name}.csv`, text, 'text/csv')),
    ],
    [
      'JSON',
      () =>
        saveFile(
          `${name}.json`,
          JSON.stringify({ title, source } satisfies SequenceFile, null, 1),
          'application/json',
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
