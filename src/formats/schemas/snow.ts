import { object } from 'yup';
import { sharpnessRange } from '../../core/snow';
import { DIRTS, GRAINS, ORIGINS, WETNESSES, type Grain } from '../../core/terms';
import { boundedNumber, oneOfWords, yesNo } from './fields';

const SNOW_TEMPERATURE =
  'Snow temperature must be from −60 to 0 °C: snow is never warmer than 0 °C.';
const SPREAD =
  'Spread must be from 0.1 to 10 °C: no reading is exact, and beyond 10 it says nothing.';
const HUMIDITY = 'Humidity must be from 0 to 100 % (a fraction from 0 to 1).';

/** The snow as seen and measured; see SnowConditions in the core. */
export const snowSchema = object({
  temperatureC: boundedNumber('Snow temperature', -60, 0, '°C')
    .typeError(SNOW_TEMPERATURE)
    .min(-60, SNOW_TEMPERATURE)
    .max(0, SNOW_TEMPERATURE)
    .required('Snow temperature is missing: measure it, or start from a guess.'),
  temperatureSdC: boundedNumber('Spread', 0.1, 10, '°C')
    .typeError(SPREAD)
    .min(0.1, SPREAD)
    .max(10, SPREAD),
  humidityFraction: boundedNumber('Humidity', 0, 1, '')
    .typeError(HUMIDITY)
    .min(0, HUMIDITY)
    .max(1, HUMIDITY)
    .required('Humidity is missing: 65 % is middling air.'),
  airTemperatureC: boundedNumber('Air temperature', -60, 40, '°C'),
  origin: oneOfWords('Origin', ORIGINS).required('Origin of the snow is missing.'),
  grain: oneOfWords('Grain', GRAINS),
  sharpness: boundedNumber('Sharpness', 0, 1, '').test({
    name: 'grain-agrees',
    test(value) {
      const grain = (this.parent as { grain?: Grain }).grain;
      if (value === undefined || grain === undefined || !GRAINS.includes(grain)) return true;
      const [low, high] = sharpnessRange(grain);
      return (
        (value >= low && value <= high) ||
        this.createError({
          message: `Sharpness ${value} contradicts grain ${grain}, which has ${low} to ${high}: correct one of them.`,
        })
      );
    },
  }),
  wetness: oneOfWords('Wetness', WETNESSES).required('Wetness is missing.'),
  dirt: oneOfWords('Dirt', DIRTS).required('Dirt is missing: clean or dirty.'),
  glazed: yesNo('Glazed').required('Glazed is missing: true or false.'),
}).typeError('snow must be an object.');
