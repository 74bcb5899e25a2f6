import { requireWithin } from '../errors';
import type { DayTime, Sky } from '../terms';

/** A rough snow temperature for someone without a probe. */
export interface FirstGuess {
  temperatureC: number;
  temperatureSdC: number;
  reason: string;
}

/**
 * How far snow at 1–2 cm stands from the air, K, and how badly that can miss (house). Reasons: under
 * a clear sky the surface radiates to space and falls below the air, at most about 8 K in calm;
 * cloud returns the heat, and the snow follows the air; by day the sun warms the top layer.
 */
const OFFSET_FROM_AIR: Record<DayTime, Record<Sky, { meanK: number; sdK: number }>> = {
  night: {
    clear: { meanK: -6, sdK: 3 },
    partly_cloudy: { meanK: -3.5, sdK: 2.7 },
    overcast: { meanK: -1, sdK: 2 },
  },
  dawn: {
    clear: { meanK: -6, sdK: 3 },
    partly_cloudy: { meanK: -3.5, sdK: 2.7 },
    overcast: { meanK: -1, sdK: 2 },
  },
  midday: {
    clear: { meanK: -2, sdK: 3 },
    partly_cloudy: { meanK: -1.5, sdK: 2.7 },
    overcast: { meanK: -0.5, sdK: 2 },
  },
  dusk: {
    clear: { meanK: -5, sdK: 3 },
    partly_cloudy: { meanK: -3, sdK: 2.7 },
    overcast: { meanK: -1, sdK: 2 },
  },
};

const TIME_WORDS: Record<DayTime, string> = {
  night: 'at night',
  dawn: 'at dawn',
  midday: 'around midday',
  dusk: 'at dusk',
};

const SKY_WORDS: Record<Sky, string> = {
  clear: 'a clear sky',
  partly_cloudy: 'broken cloud',
  overcast: 'a closed cloud cover',
};

/**
 * Rough snow temperature at 1–2 cm, °C, never above 0, with a deliberately wide standard deviation.
 * `airTemperatureC` −60…40, otherwise DomainError. House table; a probe is always better.
 * Example: −3 °C, clear, dusk → −8 ± 3 °C.
 */
export function firstGuessOfSnowTemperature(
  airTemperatureC: number,
  sky: Sky,
  dayTime: DayTime,
): FirstGuess {
  requireWithin('airTemperatureC', airTemperatureC, -60, 40);
  const { meanK, sdK } = OFFSET_FROM_AIR[dayTime][sky];
  const uncapped = airTemperatureC + meanK;
  const side = meanK < -2.5 ? 'falls well below the air' : 'stays near the air';
  return {
    temperatureC: Math.min(0, uncapped),
    temperatureSdC: sdK,
    reason: `Guessed, not measured: under ${SKY_WORDS[sky]} ${TIME_WORDS[dayTime]} the snow ${side}${
      uncapped > 0 ? ', and it can get no warmer than 0 °C' : ''
    }.`,
  };
}
