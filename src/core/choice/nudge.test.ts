import { describe, expect, it } from 'vitest';
import { NO_NUDGE, nudgeSnow, type Nudge, type NudgedSnow } from './nudge';

const moved = (snow: Partial<NudgedSnow>, nudge: Partial<Nudge>): NudgedSnow => {
  const all = { temperatureC: -1, waterPercent: 0, sharpness: 0.2, hardTrack: 0, ...snow };
  nudgeSnow(all, { ...NO_NUDGE, ...nudge });
  return all;
};

describe('a world that turns out otherwise carries its phase', () => {
  it('three kelvin warmer is wet where it passes 0 °C, and dry where it does not', () => {
    const wet = moved({}, { temperatureK: 3 });
    expect(wet.temperatureC).toBe(0);
    expect(wet.waterPercent).toBeGreaterThan(0.5);
    expect(moved({ temperatureC: -8 }, { temperatureK: 3 })).toMatchObject({
      temperatureC: -5,
      waterPercent: 0,
    });
  });

  it('colder, wet snow freezes before it cools; a little water is a crust then', () => {
    const still = moved({ temperatureC: 0, waterPercent: 5.5 }, { temperatureK: -3 });
    expect(still.temperatureC).toBe(0);
    expect(still.waterPercent).toBeLessThan(5.5);
    const frozen = moved({ temperatureC: 0, waterPercent: 0.6 }, { temperatureK: -6 });
    expect(frozen).toMatchObject({ waterPercent: 0, hardTrack: 1, sharpness: 0.35 });
    expect(frozen.temperatureC).toBeLessThan(-3);
  });

  it('a night that freezes wet snow makes a crust; steps stay within the classes', () => {
    const frozen = moved({ temperatureC: 0, waterPercent: 5.5 }, { wetnessSteps: -2 });
    expect(frozen).toMatchObject({ temperatureC: -0.5, waterPercent: 0, hardTrack: 1 });
    expect(moved({ waterPercent: 18, temperatureC: 0 }, { wetnessSteps: 2 }).waterPercent).toBe(18);
  });

  it('cold snow gets wet only where a person says so', () => {
    expect(moved({ temperatureC: -8 }, { wetnessSteps: 1, wetsFromC: -2 }).waterPercent).toBe(0);
    expect(moved({ temperatureC: -8 }, { wetnessSteps: 1 })).toMatchObject({
      temperatureC: 0,
      waterPercent: 1.5,
    });
  });

  it('of nothing changes nothing', () => {
    expect(moved({}, {})).toEqual(moved({}, { temperatureK: 0 }));
    expect(moved({}, {}).temperatureC).toBe(-1);
  });
});
