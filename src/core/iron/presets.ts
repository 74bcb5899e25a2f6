import type { Iron } from './types';

/** Irons of general kinds, to start from. */
export const IRON_PRESETS: Record<IronKind, Omit<Iron, 'setC'>> = {
  light_travel: { plateLengthM: 0.13, plateWidthM: 0.08, massKg: 0.5, powerW: 250, lagS: 15 },
  household: { plateLengthM: 0.2, plateWidthM: 0.11, massKg: 0.8, powerW: 1000, lagS: 25 },
  heavy_digital: { plateLengthM: 0.15, plateWidthM: 0.1, massKg: 1.4, powerW: 850, lagS: 4 },
};
export const IRON_KINDS = ['light_travel', 'household', 'heavy_digital'] as const;
export type IronKind = (typeof IRON_KINDS)[number];
