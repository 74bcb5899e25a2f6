import { HOUR_MS } from '../constants';
import { LONGEST_BRIDGE_H, snowAt, type Outlook, type WeatherSample } from '../snow/outlook';
import type { Origin } from '../terms';
import { ledger } from '../wax';
import type { ShelfDay } from './coverage';
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

/** What a shelf meets over an outlook's weather: its equivalent temperature and kind of snow, hour by hour. */
export function shelfDays(
  outlook: Outlook,
  weather: readonly WeatherSample[],
  origin: Origin,
): ShelfDay[] {
  return weather.flatMap((sample): ShelfDay[] => {
    const snow = snowAt(outlook, sample.timeMs);
    if (!snow) return [];
    const { wetness } = snow;
    const { equivalentTemperatureC } = ledger(
      {
        temperatureC: Math.min(0, snow.contactC.p50),
        humidityFraction: Math.min(1, Math.max(0, sample.humidityFraction)),
        sharpness: snow.sharpness,
        origin,
        wetness,
        dirt: 'clean',
        glazed: false,
      },
      OUTING,
    );
    const onDry = origin === 'machine_made' ? 'dry_dirty' : 'dry_clean';
    const kind = wetness === 'dry' ? onDry : wetness === 'moist' ? 'moist' : 'wet';
    return [{ equivalentC: equivalentTemperatureC, kind }];
  });
}
