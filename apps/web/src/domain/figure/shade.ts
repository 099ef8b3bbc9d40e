/** A colour that shifts by percent towards another; both are CSS variables, so light, dark and print agree. */
export const shade = (tone: string, towards: string, percent: number): string =>
  percent < 0.5
    ? `fill="var(--fig-${tone})"`
    : `fill="color-mix(in srgb,var(--fig-${tone}) ${Math.round(100 - percent)}%,var(--fig-${towards}))"`;
