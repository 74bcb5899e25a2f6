import { HOUR_MS } from '../units/constants';
import { LONGEST_BRIDGE_H, snowAt, type Outlook, type WeatherSample } from '../snow/outlook';
import type { Origin } from '../terms';
import { localFromInstant } from '../time';
import { ledger, neededAdditives } from '../wax';
import { kindOf, type ShelfDay } from './coverage';
import { SHELF } from './figures';

/** An ordinary outing: distance has no part in it. */
const OUTING = { discipline: 'skate', purpose: 'training', distanceKm: SHELF.ordinaryKm } as const;

/** The last stretch of weather without a gap of over three hours, no longer than `mostHours`. */
export function lastStretch(weather: readonly WeatherSample[], mostHours: number): WeatherSample[] {
  let from = Math.max(0, weather.length - 1);
  const endMs = weather[from]?.timeMs ?? 0;
  while (
    from > 0 &&
    weather[from]!.timeMs - weather[from - 1]!.timeMs <= LONGEST_BRIDGE_H * HOUR_MS &&
    endMs - weather[from - 1]!.timeMs <= mostHours * HOUR_MS
  ) {
    from -= 1;
  }
  return weather.slice(from);
}

const [FIRST_HOUR, LAST_HOUR] = SHELF.racingHours;
const LOCAL_HOUR = /T(\d{2})/;

/** Whether people race and ski at this hour of the venue's clock. */
function isRacingHour(timeMs: number, timeZone: string): boolean {
  const local = localFromInstant(new Date(timeMs).toISOString(), timeZone);
  const hour = Number(LOCAL_HOUR.exec(local)?.[1]);
  return hour >= FIRST_HOUR && hour < LAST_HOUR;
}

/**
 * What a shelf meets over an outlook's weather in the hours of racing: equivalent temperature and kind of snow, hour by
 * hour, with the needs that the choice would find.
 */
export function shelfDays(
  outlook: Outlook,
  weather: readonly WeatherSample[],
  { origin, timeZone }: { origin: Origin; timeZone: string },
): ShelfDay[] {
  return weather.flatMap((sample): ShelfDay[] => {
    if (!isRacingHour(sample.timeMs, timeZone)) return [];
    const snow = snowAt(outlook, sample.timeMs);
    if (!snow) return [];
    const met = {
      temperatureC: Math.min(0, snow.contactC.p50),
      airTemperatureC: sample.airTemperatureC,
      humidityFraction: Math.min(1, Math.max(0, sample.humidityFraction)),
      sharpness: snow.sharpness,
      origin,
      wetness: snow.wetness,
      dirt: 'clean',
      glazed: false,
    } as const;
    const { equivalentTemperatureC } = ledger(met, OUTING);
    const kind = kindOf(neededAdditives(met).map(({ additive }) => additive));
    return [{ equivalentC: equivalentTemperatureC, kind }];
  });
}
