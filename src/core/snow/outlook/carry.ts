import { airTemperatureAtC, STANDARD_LAPSE_K_PER_M } from '../../air';
import { DomainError } from '../../errors';
import { SNOW } from '../figures';
import type { WeatherSample } from './types';

/** Weather of a station and where it stands. */
export interface StationWeather {
  altitudeM: number;
  weather: readonly WeatherSample[];
}

const { steepestLapseKPerM: STEEPEST_LAPSE_K_PER_M, leastApartM: LEAST_APART_M } = SNOW;

/** Air temperature of a series at a time, °C, by straight lines; undefined outside it. */
function temperatureAt(weather: readonly WeatherSample[], timeMs: number): number | undefined {
  const after = weather.findIndex((sample) => sample.timeMs >= timeMs);
  if (after < 0) return undefined;
  const b = weather[after]!;
  if (b.timeMs === timeMs) return b.airTemperatureC;
  const a = weather[after - 1];
  if (!a) return undefined;
  const share = (timeMs - a.timeMs) / (b.timeMs - a.timeMs);
  return a.airTemperatureC + share * (b.airTemperatureC - a.airTemperatureC);
}

function lapseBetween(near: StationWeather, far: StationWeather, sample: WeatherSample): number {
  const apart = far.altitudeM - near.altitudeM;
  const other = temperatureAt(far.weather, sample.timeMs);
  if (other === undefined || Math.abs(apart) < LEAST_APART_M) return STANDARD_LAPSE_K_PER_M;
  const lapse = (sample.airTemperatureC - other) / apart;
  return Math.min(STEEPEST_LAPSE_K_PER_M, Math.max(-STEEPEST_LAPSE_K_PER_M, lapse));
}

/**
 * Carries station weather to a place: temperature by the lapse between the two stations nearest in
 * altitude, hour by hour (an inversion comes out by itself), or by 6.5 K/km from one; wind times the
 * place's exposure (1 open as the station, 0.3 deep in trees). Relative humidity, cloud and
 * precipitation are kept. At least one station with weather, otherwise DomainError.
 */
export function carryWeather(
  stations: readonly StationWeather[],
  altitudeM: number,
  exposure: number,
): WeatherSample[] {
  const [near, far] = stations
    .filter((station) => station.weather.length > 0)
    .sort((a, b) => Math.abs(a.altitudeM - altitudeM) - Math.abs(b.altitudeM - altitudeM));
  if (!near) {
    throw new DomainError({ code: 'no_weather' }, 'stations', stations);
  }
  return near.weather.map((sample) => ({
    ...sample,
    airTemperatureC: airTemperatureAtC(sample.airTemperatureC, {
      fromAltitudeM: near.altitudeM,
      toAltitudeM: altitudeM,
      lapseKPerM: far ? lapseBetween(near, far, sample) : STANDARD_LAPSE_K_PER_M,
    }),
    windMPerS: sample.windMPerS * exposure,
  }));
}
