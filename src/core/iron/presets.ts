import { IRON } from './figures';
import type { Iron } from './types';

/** Irons of general kinds, to start from. */
export const IRON_PRESETS: Record<IronKind, Omit<Iron, 'setC'>> = IRON.presets;
export const IRON_KINDS = ['light_travel', 'household', 'heavy_digital'] as const;
export type IronKind = (typeof IRON_KINDS)[number];
