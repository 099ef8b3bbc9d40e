import { ChevronDown, ChevronRight, ChevronUp } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Button } from './Button.js';
import { useKeys, type KeyWords } from './keys.js';

interface Props {
  title: string;
  /** What the screen lies inside, from the outermost in. */
  up?: readonly { to: string; name: string }[];
  /** One line under the title. */
  about?: ReactNode;
  /** What one came for: always in sight. */
  main?: ReactNode;
  /** What is typed into, to find something: always in sight. */
  tools?: ReactNode;
  /** What else can be done; folded away on a phone or tablet. */
  actions?: ReactNode;
  /** Wide screens use the whole width; reading screens a comfortable measure. */
  wide?: boolean;
  /** Keys of this screen. Keep the list outside the component. */
  keys?: readonly KeyWords[];
  children: ReactNode;
}

/** A screen inside the frame: where one is, what one can do, and the thing itself. */
export function Page({ title, up = [], about, main, tools, actions, wide, keys, children }: Props) {
  const [open, setOpen] = useState(false);
  useKeys(keys);
  const measure = wide ? '' : 'max-w-6xl';
  return (
    <main id="main" className="flex-1">
      <title>{`${title} · Lotus Steady`}</title>
      <div className="border-b border-line print:border-0">
        <div className={`px-5 pt-3 pb-3 ${measure}`}>
          {up.length > 0 && (
            <nav aria-label="Where this is" className="no-print">
              <ol className="flex flex-wrap items-center text-sm">
                {up.map(({ to, name }) => (
                  <li key={to} className="flex items-center text-soft">
                    <Link
                      to={to}
                      className="-ml-1 min-h-6 content-center rounded-md px-1 text-teal hover:underline"
                    >
                      {name}
                    </Link>
                    <ChevronRight aria-hidden size={16} />
                  </li>
                ))}
              </ol>
            </nav>
          )}
          <h1 tabIndex={-1} className="text-2xl outline-none md:text-3xl">
            {title}
          </h1>
          {about && <div className="text-soft">{about}</div>}
          {(main || tools || actions) && (
            <div className="no-print mt-2 flex flex-wrap items-start gap-2">
              {main}
              {tools}
              {actions && (
                <>
                  <Button
                    className="lg:hidden"
                    aria-expanded={open}
                    aria-controls="actions"
                    onClick={() => setOpen(!open)}
                  >
                    More actions
                    {open ? <ChevronUp aria-hidden size={18} /> : <ChevronDown aria-hidden size={18} />}
                  </Button>
                  <div
                    id="actions"
                    className={`${open ? 'flex' : 'hidden lg:flex'} flex-1 flex-wrap items-center gap-2`}
                  >
                    {actions}
                  </div>
                </>
              )}
            </div>
          )}
        </div>
      </div>
      <div className={`w-full ${wide ? '' : 'max-w-6xl px-5 py-6'}`}>{children}</div>
    </main>
  );
}
