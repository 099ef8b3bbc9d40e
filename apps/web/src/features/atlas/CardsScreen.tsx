import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { usePeopleByIds } from '../../data/people/usePeopleByIds.js';
import { ExactFigure } from '../../domain/figure/ExactFigure.js';
import { Figure } from '../../domain/figure/Figure.js';
import { ForWhom } from '../../domain/person/ForWhom.js';
import { useOwnBody } from '../../domain/person/useOwnBody.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { CheckField } from '../../ui/Field.js';
import { Page } from '../../ui/Page.js';
import { Empty } from '../../ui/states.js';

/** Cards to print and cut: two a row, the ladder small under the usual way. */
export function CardsScreen() {
  const [params, setParams] = useSearchParams();
  const ids = (params.get('ids') ?? '').split(',').filter(Boolean);
  const poses = ids.flatMap((id) => catalogue().poses.find((pose) => pose.id === id) ?? []);
  const [ink, setInk] = useState(false);
  const whom = params.get('for') ?? '';
  const asked = usePeopleByIds(whom ? [whom] : []);
  const person = whom ? asked.data?.[0] : undefined;
  const { body, ranges } = useOwnBody(person);
  return (
    <Page
      title={person ? `Cards for ${person.name}` : 'Cards'}
      up={[{ to: `/atlas?cards=${ids.join(',')}`, name: 'Atlas' }]}
      main={
        poses.length > 0 && (
          <Button look="main" onClick={() => window.print()}>
            <Printer aria-hidden size={18} />
            Print
          </Button>
        )
      }
    >
      {poses.length > 0 && (
        <div className="no-print mb-4 flex flex-wrap items-center justify-between gap-4">
          <ForWhom
            person={person}
            onChange={(id) => {
              const next = new URLSearchParams(params);
              if (id) next.set('for', id);
              else next.delete('for');
              setParams(next, { replace: true });
            }}
          />
          <CheckField label="In ink, for black and white" checked={ink} onChange={() => setInk(!ink)} />
        </div>
      )}
      {!poses.length && (
        <Empty action={<ButtonLink to="/atlas">To the atlas</ButtonLink>}>
          Mark the poses you want in the atlas first.
        </Empty>
      )}
      <ul className={`grid gap-4 sm:grid-cols-2 print:grid-cols-2 ${ink ? 'fig-ink' : ''}`}>
        {poses.map((pose) => {
          const usual = pose.ladder.find((variant) => variant.id === pose.usual)!;
          const { guide } = pose;
          return (
            <li key={pose.id} className="break-inside-avoid rounded-2xl border border-line bg-paper p-4">
              <h2 className="text-xl">{pose.name}</h2>
              {pose.sanskrit && (
                <p lang="sa-Latn" className="text-soft italic">
                  {pose.sanskrit}
                </p>
              )}
              {body ? (
                <ExactFigure
                  variant={usual.id}
                  {...body}
                  {...(ranges ? { own: { ranges } } : {})}
                  width={440}
                  height={240}
                  className="h-auto w-full"
                />
              ) : (
                <Figure variant={usual.id} width={440} height={240} className="h-auto w-full" inPage={ink} />
              )}
              <p>{guide.setUp}</p>
              {guide.in && (
                <p>
                  <b>In:</b> {guide.in}
                </p>
              )}
              {guide.out && (
                <p>
                  <b>Out:</b> {guide.out}
                </p>
              )}
              <p className="text-soft">
                Feel it: {guide.feel} {guide.notHere}
              </p>
              <ul className="mt-2 flex flex-wrap gap-2">
                {pose.ladder
                  .filter((variant) => variant !== usual)
                  .slice(0, 4)
                  .map((variant) => (
                    <li key={variant.id} className="w-24 text-center text-sm">
                      <Figure
                        variant={variant.id}
                        inPage={ink}
                        {...(body ?? {})}
                        className="h-auto w-full"
                        decorative
                      />
                      {variant.name}
                    </li>
                  ))}
              </ul>
            </li>
          );
        })}
      </ul>
    </Page>
  );
}
