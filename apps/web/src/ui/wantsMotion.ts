/** Whether whoever sits here has not asked for less motion. */
export const wantsMotion = (): boolean => !window.matchMedia('(prefers-reduced-motion: reduce)').matches;
