import { PHYSICS } from '../../constants';
import type { Wetness } from '../../terms';
import { SNOW } from '../figures';
import type { Band, Outlook, OutlookCurves } from './types';

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

/**
 * Wetness class of liquid water, % by volume: dry under 0.05 (a trace), moist under 3, wet to 8, very wet to 15,
 * soaked beyond (International Classification for Seasonal Snow on the Ground, 2009).
 */
export function wetnessOf(liquidWaterPercent: number): Wetness {
  const { moist, wet, veryWet, soaked } = PHYSICS.wetnessPercent;
  if (liquidWaterPercent < moist) return 'dry';
  if (liquidWaterPercent < wet) return 'moist';
  if (liquidWaterPercent < veryWet) return 'wet';
  return liquidWaterPercent < soaked ? 'very_wet' : 'soaked';
}

/** The outlook at a time, between its output times by straight lines; undefined outside them. */
export function snowAt(outlook: OutlookCurves, timeMs: number): SnowAtTime | undefined {
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
    contactSdC: Math.max(SNOW.leastOutlookSdC, (contactC.p90 - contactC.p10) / PHYSICS.band80InSd),
    liquidWaterPercent,
    sharpness: at(outlook.sharpness.p50),
    humidityOverIceFraction: at(outlook.humidityOverIceFraction),
    hoarKgPerM2: at(outlook.hoarKgPerM2.p50),
    wetness: wetnessOf(liquidWaterPercent),
  };
}

/** Finer than any figure that is shown or drawn. */
const rounded = (values: readonly number[]) =>
  values.map((value) => Math.round(value / SNOW.curveStep) * SNOW.curveStep);

/** The curves of an outlook without what no screen shows: a twentieth of its size. */
export function curvesOf(outlook: Outlook): OutlookCurves {
  const median = ({ p50 }: Band) => ({ p50: rounded(p50) });
  const { p10, p50, p90 } = outlook.contactTemperatureC;
  return {
    timesMs: outlook.timesMs,
    contactTemperatureC: { p10: rounded(p10), p50: rounded(p50), p90: rounded(p90) },
    surfaceTemperatureC: median(outlook.surfaceTemperatureC),
    liquidWaterPercent: median(outlook.liquidWaterPercent),
    sharpness: median(outlook.sharpness),
    hoarKgPerM2: median(outlook.hoarKgPerM2),
    humidityOverIceFraction: rounded(outlook.humidityOverIceFraction),
  };
}
