import { saturationOverWaterHPa } from '../air';
import { DAY_MS, HOUR_MS } from '../units/constants';
import { DomainError } from '../errors';
import type { Sky } from '../terms';
import { SNOW } from './figures';
import type { Amount, Chance, WindWord } from './forecast-terms';
import type { WeatherSample } from './outlook';

/** A day or a night as a forecast in two lines has it; °C. */
export interface HalfDay {
  lowC: number;
  highC: number;
  sky: Sky;
}

/** A forecast in two lines: a day and a night, whichever comes first. */
export interface SimpleForecast {
  day: HalfDay;
  night: HalfDay;
  wind: WindWord;
  chance: Chance;
  /** Rain or snow follows from the air. */
  amount: Amount;
}

const {
  cloud,
  windMPerS,
  precipitationMmPerH,
  chance: shareOf,
  coolestH,
  warmestH,
  nightFromH,
  nightHumidity,
  wetHumidity,
  leastHumidity,
  olderH,
} = SNOW.simpleForecast;

/** Hours by which its weather counts as older than it is. */
export const SIMPLE_FORECAST_OLDER_H = olderH;
const HOURS = DAY_MS / HOUR_MS;
const MOST_HUMIDITY = 1;

/** What the air is at an hour of the two half-days, °C: straight ends joined by half waves. */
function knots({ day, night }: SimpleForecast, dayFirst: boolean): [number, number][] {
  const dayEnd = (night.highC + day.highC) / 2;
  return dayFirst
    ? [
        [coolestH, day.lowC],
        [warmestH, day.highC],
        [nightFromH, Math.min(dayEnd, night.highC)],
        [coolestH + HOURS, night.lowC],
      ]
    : [
        [nightFromH - HOURS, night.highC],
        [coolestH, Math.min(night.lowC, day.lowC)],
        [warmestH, day.highC],
        [nightFromH, Math.max(day.lowC, dayEnd)],
      ];
}

function airAtHour(points: readonly [number, number][], hour: number): number {
  const next = Math.max(
    1,
    points.findIndex(([h]) => h >= hour),
  );
  const [[fromH, from], [toH, to]] = [points[next - 1]!, points[next]!];
  const share = (1 - Math.cos((Math.PI * (hour - fromH)) / (toH - fromH))) / 2;
  return from + share * (to - from);
}

/** True between six in the morning and six in the evening. */
const isDay = (hour: number) => {
  const onClock = ((hour % HOURS) + HOURS) % HOURS;
  return onClock >= coolestH && onClock < nightFromH;
};

/**
 * Hourly weather of a forecast in two lines, 25 samples: from six in the morning where the day comes first, else from six in
 * the evening before. `midnightMs`: when the day begins on the clock of the place. The air goes by half waves between low
 * and high, its vapour stays what it is at the low, and rain or snow is spread evenly (house). Lows above their highs throw DomainError.
 */
export function weatherFromSimple(
  forecast: SimpleForecast,
  { midnightMs, dayFirst }: { midnightMs: number; dayFirst: boolean },
): WeatherSample[] {
  const { day, night, wind, chance, amount } = forecast;
  for (const [name, { lowC, highC }] of Object.entries({ day, night })) {
    if (lowC > highC) throw new DomainError({ code: 'low_above_high' }, name, lowC);
  }
  const points = knots(forecast, dayFirst);
  const isWet = shareOf[chance] >= shareOf.likely;
  const lowest = Math.min(day.lowC, night.lowC);
  const vapour = (isWet ? wetHumidity : nightHumidity) * saturationOverWaterHPa(lowest);
  const perHour = shareOf[chance] * precipitationMmPerH[amount];
  return Array.from({ length: HOURS + 1 }, (_, i) => {
    const hour = points[0]![0] + i;
    const airTemperatureC = airAtHour(points, hour);
    const dry = vapour / saturationOverWaterHPa(airTemperatureC);
    const humidity = isWet ? Math.max(dry, wetHumidity) : dry;
    return {
      timeMs: midnightMs + hour * HOUR_MS,
      airTemperatureC,
      humidityFraction: Math.min(MOST_HUMIDITY, Math.max(leastHumidity, humidity)),
      windMPerS: windMPerS[wind],
      cloudFraction: cloud[isDay(hour) ? day.sky : night.sky],
      precipitationMm: i === 0 ? 0 : perHour,
    };
  });
}
