import { IRON } from './figures';
import type { Iron } from './types';

export const IRON_KINDS = ['light_travel', 'household', 'heavy_digital'] as const;
export type IronKind = (typeof IRON_KINDS)[number];

/** Whether an iron is held across a ski of this width, m: then its short side lies along it. */
export const isHeldAcross = (widthM: number): boolean => widthM >= IRON.wideFromM;

/** An iron of a general kind as it is held on a ski of this width, m: lengthwise on a narrow one, else across. */
export function presetOn(kind: IronKind, widthM: number): Omit<Iron, 'setC'> {
  const { longM, shortM, ...rest } = IRON.presets[kind];
  return isHeldAcross(widthM)
    ? { ...rest, plateLengthM: shortM, plateWidthM: longM }
    : { ...rest, plateLengthM: longM, plateWidthM: shortM };
}
