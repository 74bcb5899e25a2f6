import type { GlideMeasure } from '@/core/glide';
import { fixed } from '@/words/quantities';
import { testScreenWords } from '@/words/screens/test';

const DECIMALS: Record<GlideMeasure, number> = { seconds: 2, metres: 1, feel: 1 };

/** A result with its unit. */
export const shownValue = (measure: GlideMeasure, value: number): string =>
  `${fixed(value, DECIMALS[measure])} ${testScreenWords.testScreen.unit[measure]}`;

/** How much slower or faster, longer or shorter. */
export const shownSide = (measure: GlideMeasure, value: number): string =>
  testScreenWords.testScreen.side[measure](shownValue(measure, Math.abs(value)), value > 0);

/** A difference with its sign and unit. */
export const shownDifference = (measure: GlideMeasure, value: number): string =>
  `${signed(value, DECIMALS[measure])} ${testScreenWords.testScreen.unit[measure]}`;

/** A figure with its sign, also above zero. */
export const signed = (value: number, decimals: number): string =>
  `${value > 0 ? '+' : ''}${fixed(value, decimals)}`;
