import { requireIn } from '../errors';
import type { DayTime, Sky } from '../terms';
import { SNOW, SNOW_LIMITS } from './figures';

/** Under which sky and when it was guessed; whether the snow falls well below the air, and whether 0 °C held it. */
export interface GuessReason {
  readonly code: 'guessed';
  sky: Sky;
  dayTime: DayTime;
  isWellBelowAir: boolean;
  isHeldAtZero: boolean;
}

/** A rough snow temperature for someone without a probe. */
export interface FirstGuess {
  temperatureC: number;
  temperatureSdC: number;
  reason: GuessReason;
}

/**
 * Rough snow temperature at 1–2 cm, °C, never above 0, with a deliberately wide standard deviation.
 * `airTemperatureC` −60…40, otherwise DomainError. The table holds what the model's own runs say; a probe is always better.
 * Example: −3 °C, clear, dusk → −9.5 ± 2.5 °C.
 */
export function firstGuessOfSnowTemperature(
  airTemperatureC: number,
  sky: Sky,
  dayTime: DayTime,
): FirstGuess {
  requireIn('airTemperatureC', airTemperatureC, SNOW_LIMITS.guessAirC);
  const [meanK, sdK] = SNOW.guess[dayTime][sky];
  const uncapped = airTemperatureC + meanK;
  return {
    temperatureC: Math.min(0, uncapped),
    temperatureSdC: sdK,
    reason: {
      code: 'guessed',
      sky,
      dayTime,
      isWellBelowAir: meanK < SNOW.wellBelowAirK,
      isHeldAtZero: uncapped > 0,
    },
  };
}
