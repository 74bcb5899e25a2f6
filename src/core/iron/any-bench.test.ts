import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between } from '../../../tests/unit/arbitraries';
import { ironAdvice, IRON_LIMITS, ironPasses, timedPasses } from '.';

const limited = (key: keyof typeof IRON_LIMITS) => {
  const [least, most] = IRON_LIMITS[key].range;
  return between(least, most);
};

/** Any bench that is let in, with any wax that melts below what a base bears. */
const benches = fc.record({
  wax: fc.record({ meltingC: between(20, 125), ironC: between(60, 200) }),
  ski: fc.record({
    lengthM: limited('lengthM'),
    widthM: limited('widthM'),
    startC: limited('startC'),
    baseMm: limited('baseMm'),
  }),
  iron: fc.record({
    setC: limited('setC'),
    plateLengthM: limited('plateLengthM'),
    plateWidthM: limited('plateWidthM'),
    massKg: limited('massKg'),
    powerW: limited('powerW'),
    lagS: limited('lagS'),
  }),
  roomC: limited('roomC'),
  filmMicrometre: limited('filmMicrometre'),
});
const timings = fc.record({
  passS: limited('passS'),
  passes: fc.integer({ min: 1, max: 5 }),
  pauseS: limited('pauseS'),
});
const RUNS = { numRuns: 400 };

describe('on any bench that is let in', () => {
  it('energy closes, a thick film that melts and sets again too', () => {
    fc.assert(
      fc.property(benches, timings, (bench, timing) => {
        expect(ironPasses({ ...bench, ...timing }).energyResidualRelative).toBeLessThan(1e-9);
      }),
      RUNS,
    );
  });

  it('nothing gets warmer than the warmest that touches it, nor colder than the coldest', () => {
    fc.assert(
      fc.property(benches, timings, (bench, timing) => {
        const { passes, course } = ironPasses({ ...bench, ...timing });
        const plates = passes.flatMap((one) => [one.plateStartC, one.plateEndC]);
        // A plate without lag overshoots by what its heater gives in a moment.
        const around = [bench.iron.setC, bench.roomC, bench.ski.startC, ...plates];
        const [coldest, warmest] = [Math.min(...around) - 0.5, Math.max(...around) + 0.5];
        const felt = course.flatMap(({ baseC, filmC }) => [baseC, filmC]);
        expect(Math.min(...felt)).toBeGreaterThan(coldest);
        expect(Math.max(...felt)).toBeLessThan(warmest);
      }),
      RUNS,
    );
  });

  it('a pass takes its time, leaves a trail no longer than the ski, and fills no more than there is', () => {
    fc.assert(
      fc.property(benches, timings, (bench, timing) => {
        const { passes, course, moltenTotalS, uptakeFraction } = ironPasses({
          ...bench,
          ...timing,
        });
        const contactS = (bench.iron.plateLengthM * timing.passS) / bench.ski.lengthM;
        const eachS = Math.max(contactS, timing.passS) + timing.pauseS;
        expect(course.at(-1)!.timeS).toBeCloseTo(timing.passes * eachS, 6);
        for (const { trailM, moltenS } of passes) {
          expect(trailM).toBeGreaterThanOrEqual(0);
          expect(trailM).toBeLessThanOrEqual(bench.ski.lengthM);
          expect(moltenS).toBeLessThanOrEqual(eachS + 1e-6);
        }
        expect(moltenTotalS).toBeLessThanOrEqual(timing.passes * eachS + 1e-6);
        expect(uptakeFraction).toBeGreaterThanOrEqual(0);
        expect(uptakeFraction).toBeLessThanOrEqual(1);
      }),
      RUNS,
    );
  });

  it('advice is what its passes do: the same trails to the last digit, and never a warning of heat', () => {
    fc.assert(
      fc.property(benches, (bench) => {
        const { advice } = ironAdvice(bench);
        if (!advice) return;
        const { setC } = advice;
        expect(setC).toBeLessThanOrEqual(Math.round(bench.wax.ironC));
        expect(setC).toBeGreaterThanOrEqual(Math.round(bench.wax.ironC) - 10);
        const made = timedPasses({ ...bench, iron: { ...bench.iron, setC } }, advice.passes);
        expect(made.passes.map(({ trailM }) => trailM)).toEqual(
          advice.passes.map(({ trailM }) => trailM),
        );
        expect(made.uptakeFraction).toBe(advice.uptakeFraction);
        const heat = made.warnings.filter(({ code }) => /melts|softens|smokes|trail/.test(code));
        expect(heat).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  it('a hotter iron never leaves the base colder', () => {
    fc.assert(
      fc.property(benches, timings, between(1, 30), (bench, { passS }, moreK) => {
        const peak = (setC: number) =>
          ironPasses({ ...bench, iron: { ...bench.iron, setC }, passS, passes: 1 }).passes[0]!
            .peakBaseC;
        const setC = Math.min(bench.iron.setC, IRON_LIMITS.setC.range[1] - moreK);
        // The thermostat of a light plate swings by some tenths.
        expect(peak(setC + moreK)).toBeGreaterThanOrEqual(peak(setC) - 0.3);
      }),
      { numRuns: 200 },
    );
  });
});
