/** How long someone counts as after birth, weeks (common practice, no published source). */
export const WEEKS_AFTER_BIRTH = 12;
