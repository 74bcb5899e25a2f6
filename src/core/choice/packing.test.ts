import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between } from '../../../tests/unit/arbitraries';
import { packed, unpacked } from './packing';
import type { SnowCases } from './cases';

const casesOf = (temperatureC: number[], humidity: number): SnowCases => ({
  timesMs: [0],
  segments: [{ share: 1, origin: 'natural' }],
  members: temperatureC.length,
  memberWeights: new Float64Array(temperatureC.length).fill(1 / temperatureC.length),
  temperatureC: Float64Array.from(temperatureC),
  humidity: new Float64Array(temperatureC.length).fill(humidity),
  sharpness: new Float64Array(temperatureC.length),
  waterPercent: new Float64Array(temperatureC.length),
  hardTrack: new Float64Array(temperatureC.length).fill(1),
  airTemperatureC: Float64Array.of(-3),
  dirt: 'clean',
});
const anyCases = fc
  .tuple(fc.array(between(-40, 0), { minLength: 1, maxLength: 40 }), between(0, 1))
  .map(([temperatures, humidity]) => casesOf(temperatures, humidity));

describe('cases on their way to a browser', () => {
  it('come back in single precision, in their order', () => {
    fc.assert(
      fc.property(anyCases, (cases) => {
        const back = unpacked(packed(cases));
        expect([...back.temperatureC]).toEqual([...cases.temperatureC].map(Math.fround));
        expect([...back.humidity]).toEqual([...cases.humidity].map(Math.fround));
        expect(back).toEqual({
          ...cases,
          temperatureC: back.temperatureC,
          humidity: back.humidity,
        });
        expect(unpacked(packed(back))).toEqual(back);
      }),
    );
  });

  it('send once what is the same in all', () => {
    const { values } = packed(casesOf([-7.5, -8.25], 0.75));
    expect(values.hardTrack).toEqual({ value: 1, length: 2 });
    expect(values.humidity).toEqual({ value: 0.75, length: 2 });
    expect(values.temperatureC).toHaveLength(8);
    expect(values.grainMm).toBeUndefined();
  });
});
