/** How a forecast in two lines says its wind. */
export const WIND_WORDS = ['calm', 'light', 'moderate', 'strong'] as const;
export type WindWord = (typeof WIND_WORDS)[number];

/** How sure it is that something falls. */
export const CHANCES = ['none', 'possible', 'likely', 'certain'] as const;
export type Chance = (typeof CHANCES)[number];

/** How much of it falls. */
export const AMOUNTS = ['light', 'steady', 'heavy'] as const;
export type Amount = (typeof AMOUNTS)[number];
