import type { WeatherSample } from '../../core/snow/outlook';
import { weatherProblem, weatherSampleSchema } from '../schemas/outlook';
import { fractionUnits, numberCell, temperatureUnits, timeCell, withoutUnit } from './cells';
import { readTypedRows, type Column, type TypedRows } from './typed-rows';

const MOST_ROWS = 2000;
const KMH_PER_MS = 3.6;
const KNOT_MS = 0.514444;

const COLUMNS: Record<string, Column> = {
  time: { field: 'time', units: withoutUnit(timeCell) },
  'air temperature': { field: 'airTemperatureC', units: temperatureUnits },
  humidity: { field: 'humidityFraction', units: fractionUnits },
  wind: {
    field: 'windMPerS',
    units: {
      'm/s': numberCell(),
      'km/h': numberCell((value) => value / KMH_PER_MS),
      kt: numberCell((value) => value * KNOT_MS),
    },
  },
  cloud: {
    field: 'cloudFraction',
    units: { ...fractionUnits, okta: numberCell((value) => value / 8) },
  },
  precipitation: { field: 'precipitationMm', units: { mm: numberCell() } },
  'global radiation': {
    field: 'globalRadiationWPerM2',
    units: { 'w/m²': numberCell(), 'w/m2': numberCell() },
  },
};

/** Hourly weather from a CSV file, up to 2,000 rows in order of time; see readTypedRows and docs/files.md. */
export function readWeather(text: string, timeZone: string): TypedRows<WeatherSample> {
  const file = readTypedRows(
    text,
    {
      columns: COLUMNS,
      required: ['time', 'air temperature', 'humidity', 'wind', 'cloud'],
      defaults: {},
      schema: weatherSampleSchema,
      mostRows: MOST_ROWS,
    },
    timeZone,
  );
  if (!file.ok) return file;
  const samples = file.rows.map(({ time, ...sample }) => ({ ...sample, timeMs: Date.parse(time) }));
  const problem = weatherProblem(samples.map((sample) => sample.timeMs));
  if (!problem) return { ok: true, rows: samples };
  const line = problem.at === undefined ? 1 : (file.lines?.[problem.at] ?? 1);
  return { ok: false, problems: [{ line, field: 'time', message: problem.message }] };
}
