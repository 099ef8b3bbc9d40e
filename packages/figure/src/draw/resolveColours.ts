/** Colours of a palette by name: `--fig-paper` and so on, as `#rrggbb`. */
export type Palette = Readonly<Record<string, string>>;

const VARIABLE = /var\((--fig-[a-z-]+)(?:,(#[0-9a-f]{3,8}))?\)/g;
/** Outlines, which only a palette for ink sets: in others they have the colour and width they would have without. */
const OUTLINE = /var\((--fig-outline(?:-width)?),((?:[^()]|\([^()]*\)|\((?:[^()]|\([^()]*\))*\))+)\)/g;
const MIX = /color-mix\(in srgb,(#[0-9a-f]{6}) (\d+)%,(#[0-9a-f]{6})\)/g;

/** `#rgb` as `#rrggbb`. */
const long = (hex: string): string =>
  hex.length === 4 ? `#${[...hex.slice(1)].map((d) => d + d).join('')}` : hex;

const channels = (hex: string): number[] => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16));

/**
 * A drawing whose colours are numbers: for what knows no variables, such as a PDF.
 *
 * @throws RangeError for a colour that the palette has not
 * @example resolveColours('<path fill="var(--fig-top)"/>', { '--fig-top': '#2b6f73' })
 */
export function resolveColours(markup: string, palette: Palette): string {
  const resolved = (text: string): string =>
    text.replace(VARIABLE, (_, name: string, fallback?: string) => {
      const colour = palette[name] ?? fallback;
      if (!colour) throw new RangeError(`The palette has no ${name}.`);
      return long(colour);
    });
  // Twice: what stands in for a variable may be another.
  return resolved(
    resolved(markup.replace(OUTLINE, (_, name: string, own: string) => palette[name] ?? own)),
  ).replace(MIX, (_, a: string, percent: string, b: string) => {
    const share = Number(percent) / 100;
    const other = channels(b);
    const mixed = channels(a).map((v, i) => Math.round(v * share + other[i]! * (1 - share)));
    return `#${mixed.map((v) => v.toString(16).padStart(2, '0')).join('')}`;
  });
}
