import type { Wetness } from '../../terms';
import type { Band, Outlook } from './types';

/** The snow of an outlook at one time. */
export interface SnowAtTime {
  timeMs: number;
  contactC: { p10: number; p50: number; p90: number };
  surfaceC: number;
  /** One standard deviation that the 80 % band stands for, °C. */
  contactSdC: number;
  liquidWaterPercent: number;
  sharpness: number;
  humidityOverIceFraction: number;
  hoarKgPerM2: number;
  wetness: Wetness;
}

/** Width of an 80 % band of a normal in standard deviations. */
const BAND_IN_SD = 2.5631;
/** No model knows the snow of a course better than this, °C (house). */
const LEAST_SD_C = 0.3;

/**
 * Wetness class of liquid water, % by volume: dry under 0.05 (a trace), moist under 3, wet to 8, very wet to 15,
 * soaked beyond (International Classification for Seasonal Snow on the Ground, 2009).
 */
export function wetnessOf(liquidWaterPercent: number): Wetness {
  if (liquidWaterPercent < 0.05) return 'dry';
  if (liquidWaterPercent < 3) return 'moist';
  if (liquidWaterPercent < 8) return 'wet';
  return liquidWaterPercent < 15 ? 'very_wet' : 'soaked';
}

/** The outlook at a time, between its output times by straight lines; undefined outside them. */
export function snowAt(outlook: Outlook, timeMs: number): SnowAtTime | undefined {
  const { timesMs } = outlook;
  const after = timesMs.findIndex((ms) => ms >= timeMs);
  if (after < 0 || (after === 0 && timesMs[0]! > timeMs)) return undefined;
  const before = Math.max(0, after - 1);
  const spanMs = timesMs[after]! - timesMs[before]!;
  const share = spanMs > 0 ? (timeMs - timesMs[before]!) / spanMs : 0;
  const at = (values: number[]) => values[before]! + share * (values[after]! - values[before]!);
  const of = (band: Band) => ({ p10: at(band.p10), p50: at(band.p50), p90: at(band.p90) });
  const contactC = of(outlook.contactTemperatureC);
  const liquidWaterPercent = at(outlook.liquidWaterPercent.p50);
  return {
    timeMs,
    contactC,
    surfaceC: at(outlook.surfaceTemperatureC.p50),
    contactSdC: Math.max(LEAST_SD_C, (contactC.p90 - contactC.p10) / BAND_IN_SD),
    liquidWaterPercent,
    sharpness: at(outlook.sharpness.p50),
    humidityOverIceFraction: at(outlook.humidityOverIceFraction),
    hoarKgPerM2: at(outlook.hoarKgPerM2.p50),
    wetness: wetnessOf(liquidWaterPercent),
  };
}
