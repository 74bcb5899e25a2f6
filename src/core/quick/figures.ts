import { valuesOf, type FigureTable } from '../figure';

/** Figures of the quick answer: what is usual where nobody says, and the ladder of kinds that shops sell. */
export const QUICK_FIGURES = {
  distanceKm: {
    mean: { race: 15, training: 15, recreation: 10, touring: 20 },
    unit: 'km',
    reason: 'Usual outings on cross-country and touring skis.',
  },
  downhillKm: { mean: 1.5, unit: 'km', reason: 'One run from the lift.' },
  humidityFraction: {
    mean: { dry: 0.4, middling: 0.65, humid: 0.9 },
    unit: '1',
    reason: 'Air as one feels it, over water.',
  },
  stepK: { mean: 5, unit: 'K', reason: 'From one block of a usual ladder to the next.' },
  ladder: {
    mean: { reachK: 12, tryK: 0.5, steps: 3 },
    unit: 'K, 1',
    reason: 'Wide and fine enough.',
  },
  ski: {
    mean: {
      skate: { lengthCm: 187, waistMm: 44 },
      classic: { lengthCm: 202, waistMm: 44 },
      alpine: { lengthCm: 170, waistMm: 68 },
      touring: { lengthCm: 172, waistMm: 88 },
      snowboard: { lengthCm: 158, waistMm: 252 },
    },
    unit: 'cm, mm',
    reason: 'A usual ski of each kind.',
  },
  start: {
    mean: { snowC: -5, airC: -3 },
    unit: '°C',
    reason: 'A usual winter day, to start from.',
  },
  roomC: { mean: 18, unit: '°C', reason: 'A room one works in.' },
  hoursLeft: { mean: 12, unit: 'h', reason: 'Waxed the evening before.' },
  gripZoneCm: { mean: [0, 45], unit: 'cm', reason: 'From the heel plate forward, not measured.' },
} as const satisfies FigureTable;

export const QUICK = valuesOf(QUICK_FIGURES);

/** A usual kind of wax: a range as labels of that kind have it, °C. */
interface Kind {
  lowC: number;
  highC: number;
}

/** Kinds of glide wax that shops sell, hard to soft. */
export const GLIDE_KINDS = {
  very_cold: { lowC: -22, highC: -12 },
  cold: { lowC: -14, highC: -8 },
  cool: { lowC: -10, highC: -4 },
  middle: { lowC: -6, highC: -1 },
  mild: { lowC: -3, highC: 1 },
  wet: { lowC: 0, highC: 8 },
  all_round: { lowC: -15, highC: 0 },
} as const satisfies Record<string, Kind>;
export type GlideKind = keyof typeof GLIDE_KINDS;

/** Kinds of grip wax: sticks by the label for new snow, then klisters. */
export const GRIP_KINDS = {
  stick_very_cold: { role: 'grip_stick', lowC: -20, highC: -12 },
  stick_cold: { role: 'grip_stick', lowC: -14, highC: -7 },
  stick_cool: { role: 'grip_stick', lowC: -8, highC: -3 },
  stick_mild: { role: 'grip_stick', lowC: -4, highC: -1 },
  stick_zero: { role: 'grip_stick', lowC: -1, highC: 1 },
  klister_ice: { role: 'klister', lowC: -15, highC: -3 },
  klister_zero: { role: 'klister', lowC: -4, highC: 3 },
  klister_wet: { role: 'klister', lowC: 0, highC: 10 },
} as const satisfies Record<string, Kind & { role: 'grip_stick' | 'klister' }>;
export type GripKindKey = keyof typeof GRIP_KINDS;
