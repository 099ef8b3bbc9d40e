import { Printer } from 'lucide-react';
import { useSearchParams } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { Figure } from '../../domain/figure/Figure.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty } from '../../ui/states.js';

/** Cards to print and cut: two a row, the ladder small under the usual way. */
export function CardsScreen() {
  const [params] = useSearchParams();
  const ids = (params.get('ids') ?? '').split(',').filter(Boolean);
  const poses = ids.flatMap((id) => catalogue().poses.find((pose) => pose.id === id) ?? []);
  return (
    <Page
      title="Cards"
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
      {!poses.length && (
        <Empty action={<ButtonLink to="/atlas">To the atlas</ButtonLink>}>
          Mark the poses you want in the atlas first.
        </Empty>
      )}
      <ul className="grid gap-4 sm:grid-cols-2 print:grid-cols-2">
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
              <div className="flex">
                {usual.frames.map((_, i) => (
                  <Figure
                    key={i}
                    variant={usual.id}
                    frame={i}
                    width={220}
                    height={170}
                    className="min-w-0 flex-1"
                  />
                ))}
              </div>
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
                      <Figure variant={variant.id} className="w-full" decorative />
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
