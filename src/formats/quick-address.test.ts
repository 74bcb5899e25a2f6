import fc from 'fast-check';
import { expect, it } from 'vitest';
import { USUAL_INPUT } from '../core/quick';
import { DAY_TIMES, DISCIPLINES, GRAINS, PURPOSES, SKIES, WETNESSES } from '../core/terms';
import { quickAddress, quickFrom } from './quick-address';

const read = (address: string) =>
  quickFrom(Object.fromEntries(new URL(address, 'http://local').searchParams));

it('an address brings back the inputs it was made of', () => {
  const anyInput = fc.record({
    by: fc.constantFrom('snow' as const, 'air' as const),
    snowC: fc.integer({ min: -600, max: 0 }).map((tenths) => tenths / 10),
    airC: fc.integer({ min: -600, max: 400 }).map((tenths) => tenths / 10),
    sky: fc.constantFrom(...SKIES),
    dayTime: fc.constantFrom(...DAY_TIMES),
    humidityFraction: fc.integer({ min: 0, max: 100 }).map((percent) => percent / 100),
    grain: fc.constantFrom(...GRAINS),
    wetness: fc.constantFrom(...WETNESSES),
    discipline: fc.constantFrom(...DISCIPLINES),
    purpose: fc.constantFrom(...PURPOSES),
  });
  fc.assert(
    fc.property(anyInput, (input) => {
      const unused =
        input.by === 'snow'
          ? { airC: USUAL_INPUT.airC, sky: USUAL_INPUT.sky, dayTime: USUAL_INPUT.dayTime }
          : { snowC: USUAL_INPUT.snowC };
      const back = read(quickAddress(input));
      expect(back).toEqual({ ...input, ...unused });
    }),
  );
});

it('an address that says nothing, or nonsense, gives what is usual', () => {
  expect(quickFrom({})).toEqual(USUAL_INPUT);
  expect(read('/quick?snow=hot&humidity=400&grain=XX&on=sledge&for=&by=probe')).toEqual(
    USUAL_INPUT,
  );
  expect(quickFrom({ snow: ['-3', '-4'], grain: ['RG'] })).toEqual(USUAL_INPUT);
  expect(read('/quick?snow=1e9').snowC).toBe(USUAL_INPUT.snowC);
});
