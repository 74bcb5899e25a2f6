import { SNOW_FIELDS_OF_READING } from '../core/model';
import { SNOW_LIMITS } from '../core/snow';
import { USUAL_INPUT, type QuickInput } from '../core/quick';
import { DAY_TIMES, DISCIPLINES, GRAINS, PURPOSES, SKIES, WETNESSES } from '../core/terms';

/** What an address holds of each input, °C and per cent. */
type Parameters = Readonly<Record<string, string | readonly string[] | undefined>>;

const oneOf = <T extends string>(words: readonly T[], text: unknown, usual: T): T =>
  words.find((word) => word === text) ?? usual;

function figure(text: unknown, [low, high]: readonly [number, number], usual: number): number {
  const value = typeof text === 'string' && text.trim() !== '' ? Number(text) : NaN;
  return value >= low && value <= high ? value : usual;
}

const SNOW_C = SNOW_FIELDS_OF_READING.temperatureC.range;
const PERCENT = [0, 100] as const;

/** The inputs of a quick answer as its address says them; what is missing or no such value is as usual. */
export function quickFrom(address: Parameters): QuickInput {
  const usual = USUAL_INPUT;
  return {
    by: oneOf(['snow', 'air'], address.by, usual.by),
    snowC: figure(address.snow, SNOW_C, usual.snowC),
    airC: figure(address.air, SNOW_LIMITS.guessAirC.range, usual.airC),
    sky: oneOf(SKIES, address.sky, usual.sky),
    dayTime: oneOf(DAY_TIMES, address.time, usual.dayTime),
    humidityFraction: figure(address.humidity, PERCENT, 100 * usual.humidityFraction) / 100,
    grain: oneOf(GRAINS, address.grain, usual.grain),
    wetness: oneOf(WETNESSES, address.wetness, usual.wetness),
    discipline: oneOf(DISCIPLINES, address.on, usual.discipline),
    purpose: oneOf(PURPOSES, address.for, usual.purpose),
  };
}

const short = (value: number) => String(Math.round(10 * value) / 10);

/** Of a new outing that the quick answer goes along to, and the screen to go on with. */
export const outingAddress = (quick: string, then: 'snow' | 'pick'): string =>
  `/outing/new${quick.slice(quick.indexOf('?'))}&then=${then}`;

/** The address of a quick answer, without what the other way of knowing the snow would need. */
export function quickAddress(input: QuickInput): string {
  const known: Record<string, string> =
    input.by === 'snow'
      ? { snow: short(input.snowC) }
      : { by: 'air', air: short(input.airC), sky: input.sky, time: input.dayTime };
  return `/quick?${new URLSearchParams({
    ...known,
    humidity: short(100 * input.humidityFraction),
    grain: input.grain,
    wetness: input.wetness,
    on: input.discipline,
    for: input.purpose,
  }).toString()}`;
}
