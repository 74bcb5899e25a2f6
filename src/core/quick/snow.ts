import { firstGuessOfSnowTemperature, type GuessReason } from '../snow';
import type { DayTime, Discipline, Grain, Purpose, Sky, Wetness } from '../terms';
import type { OutingFacts, SnowConditions } from '../wax';
import { QUICK } from './figures';

/** All that the quick answer asks for. Temperatures °C, humidity over water 0…1. */
export interface QuickInput {
  /** Whether the snow was measured, or only the air is known. */
  by: 'snow' | 'air';
  snowC: number;
  airC: number;
  sky: Sky;
  dayTime: DayTime;
  humidityFraction: number;
  grain: Grain;
  wetness: Wetness;
  discipline: Discipline;
  purpose: Purpose;
}

/** What stands there before anything is touched. */
export const USUAL_INPUT: QuickInput = {
  by: 'snow',
  ...QUICK.start,
  sky: 'partly_cloudy',
  dayTime: 'midday',
  humidityFraction: QUICK.humidityFraction.middling,
  grain: 'RG',
  wetness: 'dry',
  discipline: 'skate',
  purpose: 'recreation',
};

/** The snow of an input; guessed from the air where it was not measured, with the guess's own spread and reason. */
export function quickSnow(input: QuickInput): { snow: SnowConditions; guess?: GuessReason } {
  const seen = {
    humidityFraction: input.humidityFraction,
    origin: input.grain === 'MM' ? ('machine_made' as const) : ('natural' as const),
    grain: input.grain,
    wetness: input.wetness,
    dirt: 'clean' as const,
    glazed: false,
  };
  if (input.by === 'snow') return { snow: { temperatureC: input.snowC, ...seen } };
  const guess = firstGuessOfSnowTemperature(input.airC, input.sky, input.dayTime);
  return {
    snow: {
      temperatureC: guess.temperatureC,
      temperatureSdC: guess.temperatureSdC,
      airTemperatureC: input.airC,
      ...seen,
    },
    guess: guess.reason,
  };
}

/** The outing of an input: as far as is usual for its purpose, or one run from the lift. */
export function quickOuting({ discipline, purpose }: QuickInput): OutingFacts {
  const isLifted = discipline === 'alpine' || discipline === 'snowboard';
  const distanceKm = isLifted ? QUICK.downhillKm : QUICK.distanceKm[purpose];
  return { discipline, purpose, distanceKm };
}
