import { Download, Printer } from 'lucide-react';
import { useState } from 'react';
import { useClass } from '../../data/classes/useClass.js';
import { sheetAddress, useSheet, type SheetKind } from '../../data/classes/useSheet.js';
import { sayPeople, sayWhen } from '../../domain/words/say.js';
import { Button, SaveLink } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { useAddress } from '../../ui/useAddress.js';
import { Loading, Problem, Reading } from '../../ui/states.js';
import { SheetPages } from './SheetPages.js';
import { usePdf } from './usePdf.js';

const SHEETS: readonly { kind: SheetKind; name: string; what: string }[] = [
  { kind: 'class', name: 'Class sheet', what: 'the whole class with figures, on one page or two' },
  { kind: 'large', name: 'Large print', what: 'to be read from the floor' },
  { kind: 'handover', name: 'Handover', what: 'one page of words, for another teacher' },
  {
    kind: 'mats',
    name: 'Mat cards',
    what: 'for each person: where, with what, what they do; nothing of their health',
  },
  { kind: 'pictures', name: 'Picture cards', what: 'each pose large, to hold up' },
  { kind: 'poses', name: 'Pose cards', what: 'each pose with how it is set up and breathed' },
];

/** A class on paper: which sheet, as it will be, to print or to save. */
export function SheetsScreen({ id }: { id: string }) {
  const reading = useClass(id);
  const { data } = reading;
  const [params, choose] = useAddress();
  const { kind, name } = SHEETS.find((one) => one.kind === params.get('sheet')) ?? SHEETS[0]!;
  const ink = params.has('ink');
  const hasNames = !params.has('wordless');
  const how = {
    ...(ink ? { ink: 'true' as const } : {}),
    ...(hasNames || kind !== 'pictures' ? {} : { wordless: 'true' as const }),
  };
  const sheet = useSheet(id, kind, how);
  const { pdf, problem } = usePdf(sheet.data);
  const [printing, setPrinting] = useState(false);
  if (!data)
    return (
      <Page title="Sheets">
        <Reading what="Loading the class" of={reading} />
      </Page>
    );
  return (
    <Page
      up={[
        { to: '/classes', name: 'Classes' },
        { to: `/classes/${id}/fitting`, name: data.title },
      ]}
      title="Sheets"
      about={`${sayWhen(data)} · ${sayPeople(data.people.length)}`}
      main={
        <Button look="main" disabled={!pdf || printing} onClick={() => setPrinting(true)}>
          <Printer aria-hidden size={20} />
          Print
        </Button>
      }
      actions={
        <SaveLink href={sheetAddress(id, kind, how)} download={`${name}.pdf`}>
          <Download aria-hidden size={20} />
          Save as PDF
        </SaveLink>
      }
    >
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[18rem_minmax(0,46rem)] print:block">
        <div className="no-print space-y-4">
          <fieldset>
            <legend className="mb-2 text-soft">Which sheet</legend>
            <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-1">
              {SHEETS.map((one) => (
                <SheetChoice
                  key={one.kind}
                  {...one}
                  checked={one.kind === kind}
                  onChange={() => choose({ sheet: one.kind === 'class' ? '' : one.kind })}
                />
              ))}
            </div>
          </fieldset>
          <CheckField
            label="In ink, for black and white"
            checked={ink}
            onChange={() => choose({ ink: ink ? '' : 'yes' })}
          />
          {kind === 'pictures' && (
            <CheckField
              label="Without words, for who does not read yet"
              checked={!hasNames}
              onChange={() => choose({ wordless: hasNames ? 'yes' : '' })}
            />
          )}
        </div>
        <section aria-label={name}>
          {problem && <Problem error={problem} />}
          {sheet.data && !pdf && !problem && <Loading what="Opening the sheet" />}
          {pdf && (
            <SheetPages
              key={sheetAddress(id, kind, how)}
              pdf={pdf}
              title={name}
              printing={printing}
              onPrinted={() => setPrinting(false)}
            />
          )}
          <Reading
            what={`Drawing the ${name.toLowerCase()}: the first time this takes some seconds`}
            of={sheet}
          />
        </section>
      </div>
    </Page>
  );
}

/** A sheet that may be chosen, and what it is for. */
const SheetChoice = ({
  kind,
  name,
  what,
  checked,
  onChange,
}: (typeof SHEETS)[number] & { checked: boolean; onChange: () => void }) => (
  <div
    className={
      'relative flex items-start gap-3 rounded-xl border border-line bg-paper p-3 ' +
      'has-checked:border-teal has-checked:bg-teal-wash'
    }
  >
    <input
      type="radio"
      name="sheet"
      id={`sheet-${kind}`}
      aria-describedby={`what-${kind}`}
      className="relative z-1 mt-0.5 size-6 shrink-0 accent-teal"
      checked={checked}
      onChange={onChange}
    />
    <div>
      {/* The whole card is pressed. */}
      <label
        htmlFor={`sheet-${kind}`}
        className="font-bold before:absolute before:inset-0 before:cursor-pointer"
      >
        {name}
      </label>
      <p id={`what-${kind}`} className="text-soft">
        {what}
      </p>
    </div>
  </div>
);
