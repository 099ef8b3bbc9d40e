import type { AnchorHTMLAttributes, ButtonHTMLAttributes, ReactNode } from 'react';
import { Link, type LinkProps } from 'react-router';

type Look = 'main' | 'plain' | 'quiet';
const LOOKS: Record<Look, string> = {
  main: 'px-4 bg-teal text-teal-ink border-teal hover:brightness-110',
  plain: 'px-4 bg-paper text-ink border-strong-line hover:bg-teal-wash',
  quiet: 'px-2 border-transparent text-teal hover:bg-teal-wash',
};
const shape = (look: Look, more = ''): string =>
  `inline-flex min-h-11 items-center justify-center gap-2 rounded-lg border py-2 font-semibold ` +
  `disabled:opacity-55 ${LOOKS[look]} ${more}`;

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: Look;
  children: ReactNode;
}

/** Something to do. One `main` button a screen. */
export const Button = ({ look = 'plain', className, type = 'button', ...rest }: Props) => (
  <button type={type} className={shape(look, className)} {...rest} />
);

/** A file of the server's to be saved, looking like a button. */
export const SaveLink = ({ className, children, ...rest }: AnchorHTMLAttributes<HTMLAnchorElement>) => (
  <a className={shape('plain', className)} {...rest}>
    {children}
  </a>
);

/** Somewhere to go, looking like a button. */
export const ButtonLink = ({ look = 'plain', className, ...rest }: LinkProps & { look?: Look }) => (
  <Link className={shape(look, className)} {...rest} />
);
