import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { randomSource } from '../random';
import {
  fitSettling,
  standInInfrared,
  standInProbe,
  surfaceFromInfrared,
  UNREAD,
  withSample,
} from '.';

const samplesUntil = (seconds: number, snowC: number, tau: number, seed: number) => {
  const probe = standInProbe(snowC, { airC: -2, timeConstantS: tau, random: randomSource(seed) });
  return Array.from({ length: seconds * 2 }, (_, i) => probe((i + 1) / 2));
};

describe('a probe that settles', () => {
  it('is foreseen within its error long before it stands, over snow, stem and noise', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -18, max: -4, noNaN: true }),
        fc.double({ min: 8, max: 40, noNaN: true }),
        fc.integer({ min: 1, max: 500 }),
        (snowC, tau, seed) => {
          const seconds = Array.from({ length: 180 }, (_, i) => i + 10).find(
            (s) => fitSettling(samplesUntil(s, snowC, tau, seed))?.isSettled,
          )!;
          const fit = fitSettling(samplesUntil(seconds, snowC, tau, seed))!;
          expect(Math.abs(fit.finalC - snowC)).toBeLessThan(0.75);
          // A thermometer within 0.05 °C by itself would take so long:
          expect(seconds).toBeLessThan(tau * Math.log((-2 - snowC) / 0.05) + 12);
        },
      ),
      { numRuns: 30, seed: 5 },
    );
  });

  it('is called settled when it is: over 0.3 °C off in under 5 % of runs', () => {
    const random = randomSource(41);
    const runs = 200;
    let off = 0;
    for (let run = 0; run < runs; run += 1) {
      const snowC = -4 - 14 * random.uniform();
      const tau = 8 + 32 * random.uniform();
      const samples = samplesUntil(200, snowC, tau, run + 1);
      const count = samples.findIndex((_, n) => fitSettling(samples.slice(0, n))?.isSettled);
      if (Math.abs(fitSettling(samples.slice(0, count))!.finalC - snowC) > 0.3) off += 1;
    }
    expect(off / runs).toBeLessThan(0.05);
  });

  it('stays settled once it has, at a fit that had settled', () => {
    let unsettled = 0;
    for (let seed = 1; seed <= 30; seed += 1) {
      const probe = standInProbe(-12, {
        airC: -3,
        timeConstantS: 18,
        random: randomSource(seed),
      });
      let reading = UNREAD;
      for (let second = 1; second <= 100; second += 1) {
        const before = reading;
        reading = withSample(before, probe(second));
        if (before.fit?.isSettled) expect(reading.fit?.isSettled).toBe(true);
        if (!reading.fit?.isSettled) continue;
        const now = fitSettling(reading.samples)!;
        if (!now.isSettled) unsettled += 1;
        expect(reading.fit).toEqual(now.isSettled ? now : before.fit);
      }
      expect(reading.fit?.isSettled).toBe(true);
    }
    // Else the noise of these would not show it.
    expect(unsettled).toBeGreaterThan(0);
  });

  it('is not judged too early, and not from nonsense', () => {
    expect(fitSettling([])).toBeUndefined();
    expect(fitSettling(samplesUntil(4, -8, 20, 1))).toBeUndefined();
    expect(() => fitSettling([{ seconds: 1, temperatureC: NaN }])).toThrow(DomainError);
  });
});

describe('an infra-red gun', () => {
  it('is corrected for the sky that the snow mirrors', () => {
    const still = { uniform: () => 0.5, normal: () => 0 };
    const read = standInInfrared(-10, {
      skyC: -40,
      emissivity: 0.97,
      daylightErrorC: 0,
      random: still,
    });
    expect(read).toBeLessThan(-10.4);
    expect(surfaceFromInfrared(read, 0.97, -40)).toBeCloseTo(-10, 9);
  });

  it('never finds snow above 0 °C, and refuses an emissivity of none', () => {
    expect(surfaceFromInfrared(3, 0.98, -20)).toBe(0);
    expect(() => surfaceFromInfrared(-5, 0.2, -20)).toThrow(DomainError);
  });
});
