import type { GlidedSnow } from '../friction';
import type { SnowConditions } from './conditions';
import { effectiveSharpness } from './ledger';
import { waterOf } from './terms';

/** Snow as it was seen, in the figures that friction is told from. */
export const glidedSnow = (
  snow: Pick<SnowConditions, 'temperatureC' | 'wetness' | 'waterPercent' | 'grain' | 'sharpness'>,
): GlidedSnow => ({
  temperatureC: snow.temperatureC,
  waterPercent: waterOf(snow),
  sharpness: effectiveSharpness(snow),
});
