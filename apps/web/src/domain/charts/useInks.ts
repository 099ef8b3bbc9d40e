import { useEffect, useState } from 'react';

const NAMES = ['ink', 'soft', 'line', 'teal', 'teal-wash', 'indigo', 'clay', 'clay-wash', 'paper'] as const;

/** Colours of the page as they are now, by name: a chart is drawn in them. */
export type Inks = Readonly<Record<(typeof NAMES)[number], string>>;

const read = (): Inks => {
  const style = getComputedStyle(document.documentElement);
  return Object.fromEntries(
    NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
  ) as unknown as Inks;
};

/** The page's colours, also after it has become dark or light. */
export function useInks(): Inks {
  const [inks, setInks] = useState(read);
  useEffect(() => {
    const dark = matchMedia('(prefers-color-scheme: dark)');
    const change = (): void => setInks(read());
    dark.addEventListener('change', change);
    return () => dark.removeEventListener('change', change);
  }, []);
  return inks;
}
