import type { Build } from '@lotus-steady/core/body';
import type { Form } from '../body/forms.js';

export type Hair = 'bun' | 'plait' | 'short';

/** What a person looks like. Whatever is left out is drawn as the neutral figure has it. */
export interface Look extends Omit<Form, 'build'> {
  hair?: Hair;
  /** Of {@link SKIN_TONES}. */
  skin?: number;
  /** Of {@link HAIR_TONES}. */
  hairTone?: number;
  /** Sits in a wheelchair where the pose has a chair. */
  onWheels?: boolean;
}

/** Tones of skin, light to dark; the palette's own is between the second and the third. */
export const SKIN_TONES = ['#e8c0a0', '#d9a987', '#b98259', '#8d5b3c', '#623d29'] as const;
/** Tones of hair: black, dark brown, brown, fair, red, grey, white. Dark ones are the palette's: lighter on dark. */
export const HAIR_TONES = [
  'var(--fig-black)',
  'var(--fig-brown)',
  '#6b4a33',
  '#b98f5a',
  '#8f4a2b',
  '#8b8681',
  '#c9c4bd',
] as const;

/** The colours of a look that differ from the palette's, by name; none where it has its own. */
export function lookColours({ skin, hairTone }: Look): Readonly<Record<string, string>> {
  return {
    ...(skin === undefined ? {} : { skin: SKIN_TONES[skin % SKIN_TONES.length]! }),
    ...(hairTone === undefined ? {} : { hair: HAIR_TONES[hairTone % HAIR_TONES.length]! }),
  };
}

/** A drawing in the colours of a look; a palette may still set others in their place, such as ink's. */
export function inLook(markup: string, look: Look): string {
  let drawn = markup;
  for (const [tone, colour] of Object.entries(lookColours(look)))
    drawn = drawn.replaceAll(`var(--fig-${tone})`, `var(--fig-own-${tone},${colour})`);
  return drawn;
}

/** The form of a look with the proportions of a build. */
export const formOf = ({ man, fullness, weeks, age, breath, without }: Look, build: Build): Form => ({
  build,
  man,
  fullness,
  weeks,
  age,
  breath,
  without,
});
