/** How an area is filled. */
export interface Paint {
  fill: string;
  stroke?: string;
  /** The definition of a gradient that `fill` names. */
  gradient?: string;
}

/**
 * One of the figure's colours, a share of the way towards another.
 *
 * @param percent of the other one
 */
export const mixed = (tone: string, towards: string, percent: number): string =>
  percent < 0.5
    ? `var(--fig-${tone})`
    : `color-mix(in srgb,var(--fig-${tone}) ${Math.round(100 - percent)}%,var(--fig-${towards}))`;

/** A coordinate on the page: a tenth of a unit is enough. */
export const short = (value: number): number => Math.round(value * 10) / 10;
