import type { InferType } from 'yup';
import { readingSchema } from '../schemas/reading';
import { dirtFromSpelling, grainFromSpelling } from '../schemas/spellings';
import {
  fractionUnits,
  numberCell,
  temperatureUnits,
  textCell,
  timeCell,
  withoutUnit,
  wordCell,
  YES_NO,
} from './cells';
import { writeCsv } from './table';
import { readTypedRows, type Column, type TypedRows } from './typed-rows';

export type ReadingFields = InferType<typeof readingSchema>;

export const MOST_ROWS = 10_000;
/** Spread of a probe in several spots, taken where the file gives none, °C. */
const DEFAULT_SPREAD_C = 0.8;

const difference = {
  '°c': numberCell(),
  c: numberCell(),
  k: numberCell(),
  '°f': numberCell((v) => v / 1.8),
  f: numberCell((v) => v / 1.8),
};

const COLUMNS: Record<string, Column> = {
  time: { field: 'takenAt', units: withoutUnit(timeCell) },
  'snow temperature': { field: 'temperatureC', units: temperatureUnits },
  spread: { field: 'temperatureSdC', units: difference },
  'air temperature': { field: 'airTemperatureC', units: temperatureUnits },
  humidity: {
    field: 'humidityFraction',
    units: fractionUnits,
  },
  grain: {
    field: 'grain',
    units: withoutUnit((text) => grainFromSpelling(text.trim()) || undefined),
  },
  sharpness: { field: 'sharpness', units: { '': numberCell(), '1': numberCell() } },
  origin: { field: 'origin', units: withoutUnit(wordCell) },
  wetness: { field: 'wetness', units: withoutUnit(wordCell) },
  dirt: {
    field: 'dirt',
    units: withoutUnit((text, c) => {
      const word = wordCell(text, c) as string | undefined;
      return word === undefined ? undefined : dirtFromSpelling(YES_NO[word] ?? word);
    }),
  },
  glazed: {
    field: 'glazed',
    units: withoutUnit((text) => YES_NO[text.trim().toLowerCase()] ?? (text.trim() || undefined)),
  },
  'finger test': { field: 'handHardness', units: withoutUnit(wordCell) },
  source: { field: 'source', units: withoutUnit(wordCell) },
  spot: { field: 'spot', units: withoutUnit(textCell) },
  note: { field: 'note', units: withoutUnit(textCell) },
};

const REQUIRED = ['time', 'snow temperature', 'humidity'];
/** What a column that is absent, or an empty cell, stands for. */
const DEFAULTS: Partial<ReadingFields> = {
  temperatureSdC: DEFAULT_SPREAD_C,
  origin: 'natural',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
  source: 'probe',
};

/** Readings from a CSV file, up to 10,000; see readTypedRows. */
export function readReadings(text: string, timeZone: string): TypedRows<ReadingFields> {
  return readTypedRows(
    text,
    {
      columns: COLUMNS,
      required: REQUIRED,
      defaults: DEFAULTS,
      schema: readingSchema,
      mostRows: MOST_ROWS,
    },
    timeZone,
  );
}

const percent = (fraction: number) => Math.round(fraction * 1e4) / 100;

/** Readings as CSV that {@link readReadings} takes back unchanged. */
export function writeReadings(
  readings: readonly (Omit<ReadingFields, 'source'> & { source: string })[],
  hasHeader = true,
): string {
  const columns = [
    'time',
    'snow temperature [°C]',
    'spread [°C]',
    'air temperature [°C]',
    'humidity [%]',
    'grain',
    'sharpness',
    'origin',
    'wetness',
    'dirt',
    'glazed',
    'finger test',
    'source',
    'spot',
    'note',
  ];
  return writeCsv(
    columns,
    readings.map((r) => [
      r.takenAt,
      r.temperatureC,
      r.temperatureSdC,
      r.airTemperatureC,
      percent(r.humidityFraction),
      r.grain,
      r.sharpness,
      r.origin,
      r.wetness,
      r.dirt,
      r.glazed ? 'yes' : 'no',
      r.handHardness,
      r.source,
      r.spot,
      r.note,
    ]),
    hasHeader,
  );
}
