import { wetBulbC } from '../air';
import { snowShareAt } from '../kernel/precipitation';

/** The air that precipitation falls through. */
interface FallingThrough {
  airTemperatureC: number;
  /** Over water, 0…1. */
  humidityFraction: number;
  pressureHPa: number;
}

/**
 * Share of precipitation that reaches the ground as snow, 0…1, by the wet bulb of the air (Wang, Broxton, Fang et
 * al. 2019): flakes cool as they evaporate, so it snows in dry air above 0 °C. Limits and errors as wetBulbC.
 * Example: 1 °C and 95 % at 950 hPa → about 0.53; 3 °C and 40 % → about 0.95.
 */
export function snowShare({ airTemperatureC, humidityFraction, pressureHPa }: FallingThrough) {
  return snowShareAt(wetBulbC(airTemperatureC, humidityFraction, pressureHPa));
}
