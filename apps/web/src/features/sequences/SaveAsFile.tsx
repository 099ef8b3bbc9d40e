import { Download } from 'lucide-react';
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

/** The sequence as a file of one's own: the text as it is written, or with its title as JSON. */
export const SaveAsFile = ({ title, source }: SequenceFile) => (
  <>
    <Button look="quiet" onClick={() => download(`${fileName(title)}.txt`, 'text/plain', source)}>
      <Download aria-hidden size={18} />
      Save as text
    </Button>
    <Button
      look="quiet"
      onClick={() =>
        download(
          `${fileName(title)}.json`,
          'application/json',
          JSON.stringify({ title, source } satisfies SequenceFile, null, 1),
        )
      }
    >
      <Download aria-hidden size={18} />
      Save as JSON
    </Button>
  </>
);
