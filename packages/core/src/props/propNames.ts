/** Props of which a hall has so and so many; classes ask for no others. */
export const PROP_NAMES = [
  'chair',
  'block',
  'blanket',
  'bolster',
  'cushion',
  'strap',
  'roll',
  'stool',
  'table',
  'mat',
] as const;
