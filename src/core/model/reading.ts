import { DIRTS, GRAINS, HAND_HARDNESSES, ORIGINS, WETNESSES, type HandHardness } from '../terms';
import type { SpotReading } from '../snow/outlook';
import type { SnowConditions } from '../wax';
import type { FieldsOf } from './field';

/** How a reading's snow temperature came about. */
export const READING_SOURCES = ['probe', 'infrared', 'guess'] as const;
export type ReadingSource = (typeof READING_SOURCES)[number];

/** A reading as it stands: the latest correction of it, when there was one. */
export interface Reading extends Omit<SnowConditions, 'waterPercent'> {
  id: string;
  outingId: string;
  takenAt: string;
  source: string;
  temperatureSdC: number;
  handHardness?: HandHardness;
  hasPhoto?: boolean;
  spot?: string;
  note?: string;
  importId?: string;
  correctsId?: string;
  createdAt: string;
}

type Measured = Pick<
  Reading,
  'takenAt' | 'temperatureC' | 'temperatureSdC' | 'source' | 'wetness' | 'grain' | 'spot'
>;

/** A reading as the outlook takes it; nothing for a guess, which has no say. */
export const spotReadings = ({
  takenAt,
  source,
  temperatureSdC,
  ...seen
}: Measured): SpotReading[] =>
  source === 'guess'
    ? []
    : [
        {
          timeMs: Date.parse(takenAt),
          temperatureC: seen.temperatureC,
          sdC: temperatureSdC,
          isInfrared: source === 'infrared' ? true : undefined,
          wetness: seen.wetness,
          grain: seen.grain,
          spot: seen.spot,
        },
      ];

/** The fields of a reading; the snow's own come first, as the API takes them alone. */
export const SNOW_FIELDS_OF_READING = {
  temperatureC: {
    type: 'number',
    range: [-60, 0],
    unit: '°C',
    isRequired: true,
    column: 'snow_temperature_c',
    csv: ['snow temperature'],
    isRequiredInCsv: true,
  },
  temperatureSdC: {
    type: 'number',
    range: [0.1, 10],
    unit: 'K',
    isRequired: true,
    column: 'snow_temperature_sd_c',
    csv: ['spread'],
    fallback: 0.8,
    mayBeLeftOut: true,
  },
  airTemperatureC: { type: 'number', range: [-60, 40], unit: '°C', csv: ['air temperature'] },
  humidityFraction: {
    type: 'number',
    range: [0, 1],
    unit: '%',
    isRequired: true,
    csv: ['humidity'],
    isRequiredInCsv: true,
  },
  grain: { type: 'choice', of: GRAINS, csv: ['grain'] },
  grainMm: { type: 'number', range: [0.05, 15], unit: 'mm', csv: ['grain size'] },
  sharpness: { type: 'number', range: [0, 1], unit: '', csv: ['sharpness'] },
  origin: { type: 'choice', of: ORIGINS, isRequired: true, csv: ['origin'], fallback: 'natural' },
  wetness: { type: 'choice', of: WETNESSES, isRequired: true, csv: ['wetness'], fallback: 'dry' },
  dirt: { type: 'choice', of: DIRTS, isRequired: true, csv: ['dirt'], fallback: 'clean' },
  glazed: { type: 'flag', isRequired: true, csv: ['glazed'], fallback: false },
} as const;

export const READING_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  outingId: { type: 'id', isRequired: true, isInternal: true },
  takenAt: { type: 'moment', isRequired: true, csv: ['time'], isRequiredInCsv: true },
  ...SNOW_FIELDS_OF_READING,
  handHardness: { type: 'choice', of: HAND_HARDNESSES, csv: ['finger test'] },
  source: {
    type: 'choice',
    of: READING_SOURCES,
    isRequired: true,
    csv: ['source'],
    fallback: 'probe',
  },
  spot: { type: 'text', most: 80, csv: ['spot'] },
  note: { type: 'text', most: 500, csv: ['note'] },
  hasPhoto: { type: 'flag', isInternal: true, column: 'none' },
  importId: { type: 'id', isInternal: true },
  correctsId: { type: 'id', isInternal: true },
  createdAt: { type: 'moment', isRequired: true, isInternal: true },
} as const satisfies FieldsOf<Reading>;
