import { SNOW_SHARE_OFFSET_K, SNOW_SHARE_PER_K, SNOW_SHARE_SCALE } from './constants';

/** Share of precipitation that falls as snow, 0…1, at a wet bulb, °C, that nobody has checked; see snowShare. */
export function snowShareAt(wetBulbC: number): number {
  return 1 / (1 + SNOW_SHARE_SCALE * Math.exp(SNOW_SHARE_PER_K * (wetBulbC + SNOW_SHARE_OFFSET_K)));
}
