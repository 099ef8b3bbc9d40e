import { createRequire } from 'node:module';

const { resolve } = createRequire(import.meta.url);
const file = (family: string, weight: string, name: string): string =>
  resolve(`@expo-google-fonts/${family}/${weight}/${name}_${weight}.ttf`);

/** The faces that sheets are set in, as files. */
export const FACES = {
  plain: file('atkinson-hyperlegible-next', '400Regular', 'AtkinsonHyperlegibleNext'),
  bold: file('atkinson-hyperlegible-next', '700Bold', 'AtkinsonHyperlegibleNext'),
  head: file('fraunces', '600SemiBold', 'Fraunces'),
  /** Has every letter that Sanskrit is written with. */
  sanskrit: file('gentium-book-plus', '400Regular_Italic', 'GentiumBookPlus'),
  /** For letters that a face has not. */
  spare: file('gentium-book-plus', '400Regular', 'GentiumBookPlus'),
} as const;

export type Face = keyof typeof FACES;
