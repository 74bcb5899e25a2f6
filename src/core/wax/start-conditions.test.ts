import { describe, expect, it } from 'vitest';
import { basisOf, startConditions } from '.';
import type { StartSnow } from '../snow/outlook';

const START = Date.parse('2027-01-16T16:00:00Z');
const start: StartSnow = {
  airTemperatureC: -2.3,
  humidityFraction: 0.62,
  snow: {
    timeMs: START,
    contactC: { p10: -11, p50: -9.6, p90: -8.2 },
    surfaceC: -10.4,
    contactSdC: 1.1,
    liquidWaterPercent: 0,
    sharpness: 0.12,
    humidityOverIceFraction: 0.65,
    hoarKgPerM2: 0,
    wetness: 'dry',
  },
};
const minutes = (count: number) => ({ takenMs: START + count * 60_000 });

describe('what the choice stands on', () => {
  it('is measured near the start and modelled before, and whichever there is otherwise', () => {
    expect(basisOf(start, minutes(-20))?.kind).toBe('measured');
    expect(basisOf(start, minutes(60))?.kind).toBe('measured');
    expect(basisOf(start, minutes(-90))?.kind).toBe('modelled');
    expect(basisOf(start, minutes(60 * 24 * 30))?.kind).toBe('modelled');
    expect(basisOf(start, undefined)?.kind).toBe('modelled');
    expect(basisOf(undefined, minutes(-90))?.kind).toBe('measured');
    expect(basisOf(undefined, undefined)).toBeUndefined();
  });

  it('takes temperature and wetness from the model, and what was seen from the person', () => {
    const seen = { origin: 'machine_made', grain: 'MM', dirt: 'dirty', glazed: true } as const;
    expect(startConditions(start, seen)).toMatchObject({
      temperatureC: -9.6,
      temperatureSdC: 1.1,
      humidityFraction: 0.62,
      wetness: 'dry',
      ...seen,
      sharpness: undefined,
    });
    expect(startConditions(start, undefined)).toMatchObject({ sharpness: 0.12, dirt: 'clean' });
  });
});
