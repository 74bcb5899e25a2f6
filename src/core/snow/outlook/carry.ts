import { airTemperatureAtC, STANDARD_LAPSE_K_PER_M } from '../../air';
import { DomainError } from '../../errors';
import type { WeatherSample } from './types';

/** Weather of a station and where it stands. */
export interface StationWeather {
  altitudeM: number;
  weather: readonly WeatherSample[];
}

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

/** The lapse between two stations at a time, K/m; the standard one where the other has no weather. */
function lapseBetween(near: StationWeather, far: StationWeather, sample: WeatherSample): number {
  const other = temperatureAt(far.weather, sample.timeMs);
  if (other === undefined) return STANDARD_LAPSE_K_PER_M;
  return (sample.airTemperatureC - other) / (far.altitudeM - near.altitudeM);
}

/**
 * Carries station weather to a place: between two stations temperature by a straight line, hour by hour (an inversion
 * comes out by itself); above the highest and below the lowest by 6.5 K/km from there, whatever the two say: an
 * inversion ends somewhere, and stations close together know no lapse. Wind times the place's
 * exposure (1 open as the station, 0.3 deep in trees). Relative humidity, cloud and precipitation are kept. At least
 * one station with weather, otherwise DomainError.
 * Example: −8 °C at 600 m and −2 °C at 900 m → about −9.2 °C at 2000 m.
 */
export function carryWeather(
  stations: readonly StationWeather[],
  altitudeM: number,
  exposure: number,
): WeatherSample[] {
  const reached = stations
    .filter((station) => station.weather.length > 0)
    .sort((a, b) => Math.abs(a.altitudeM - altitudeM) - Math.abs(b.altitudeM - altitudeM));
  const [near, ...others] = reached;
  if (!near) {
    throw new DomainError({ code: 'no_weather' }, 'stations', stations);
  }
  const isAbove = near.altitudeM > altitudeM;
  const beyond = others.find((one) =>
    isAbove ? one.altitudeM < altitudeM : one.altitudeM > altitudeM,
  );
  return near.weather.map((sample) => ({
    ...sample,
    airTemperatureC: airTemperatureAtC(sample.airTemperatureC, {
      fromAltitudeM: near.altitudeM,
      toAltitudeM: altitudeM,
      lapseKPerM: beyond ? lapseBetween(near, beyond, sample) : STANDARD_LAPSE_K_PER_M,
    }),
    windMPerS: sample.windMPerS * exposure,
  }));
}
