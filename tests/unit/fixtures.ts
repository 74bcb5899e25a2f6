import type { Ski } from '@/core/ski';
import type { OutlookSite } from '@/core/snow/outlook';
import type { GlideProduct, SnowConditions } from '@/core/wax';

/** A racing pair for skating, without a mark. */
export const SKATE_PAIR: Ski = {
  id: 'one',
  name: 'Skate 1',
  owner: 'Ilo',
  type: 'skate',
  lengthCm: 190,
  waistMm: 44,
  baseType: 'sintered',
  hasBrakes: false,
  purpose: 'race',
};

/** Flat ground in the open, at 700 m in the middle latitudes. */
export const FLAT_SITE: OutlookSite = {
  latitude: 46,
  longitude: 10,
  altitudeM: 700,
  slopeDeg: 0,
  aspectDeg: 0,
  shadeFraction: 0,
};

/** Dry settled snow at −8 °C that asks for nothing but a hardness. */
export const CALM_SNOW: SnowConditions = {
  temperatureC: -8,
  temperatureSdC: 1,
  humidityFraction: 0.65,
  origin: 'natural',
  sharpness: 0.35,
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};

/** A wax without additives, named after its label. */
export const plainWax = (
  low: number,
  high: number,
  more: Partial<GlideProduct> = {},
): GlideProduct => ({
  id: `${low}/${high}`,
  name: `Wax ${low}/${high}`,
  labelLowC: low,
  labelHighC: high,
  additives: [],
  form: 'block',
  ...more,
});
