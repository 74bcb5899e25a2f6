import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import reference from '../../../tests/reference/friction.json';
import { PHYSICS } from '../constants';
import { DomainError } from '../errors';
import { DISCIPLINES, PURPOSES } from '../terms';
import {
  baseFriction,
  glideSpeed,
  lossInSeconds,
  lossSeconds,
  runDownSeconds,
  skiedSeconds,
  steadySpeed,
} from '.';

describe('the friction of the ideal wax', () => {
  it.each(reference.mu0)(
    'is that of the reference at $T °C, $th % water, sharpness $sharpness',
    (one) => {
      expect(
        baseFriction({ temperatureC: one.T, waterPercent: one.th, sharpness: one.sharpness }),
      ).toBeCloseTo(one.mu0, 12);
    },
  );

  it('grows as it gets colder, sharper or wetter, and jumps nowhere', () => {
    const at = (temperatureC: number, waterPercent: number, sharpness: number) =>
      baseFriction({ temperatureC, waterPercent, sharpness });
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 0, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (t, water, sharpness) => {
          const here = at(t, water, sharpness);
          expect(at(Math.max(-90, t - 1), water, sharpness)).toBeGreaterThanOrEqual(here - 1e-12);
          expect(at(t, water, Math.min(1, sharpness + 0.1))).toBeGreaterThanOrEqual(here - 1e-12);
          expect(Math.abs(at(t, water + 1e-6, sharpness) - here)).toBeLessThan(1e-6);
        },
      ),
    );
  });

  it.each([
    { temperatureC: 1, waterPercent: 0, sharpness: 0 },
    { temperatureC: -5, waterPercent: -1, sharpness: 0 },
    { temperatureC: -5, waterPercent: 0, sharpness: 2 },
    { temperatureC: NaN, waterPercent: 0, sharpness: 0 },
  ])('is none of snow that cannot be: %j', (snow) => {
    expect(() => baseFriction(snow)).toThrow(DomainError);
  });
});

describe('a steady speed', () => {
  it.each(reference.steady)(
    'is that of the reference on a slope of $slope with friction $mu',
    (one) => {
      const speed = (friction: number) =>
        steadySpeed({
          powerW: one.power_W,
          massKg: one.mass_kg,
          slope: one.slope,
          friction,
          dragAreaM2: one.cda_m2,
          airKgPerM3: one.air_kg_m3,
        });
      expect(speed(one.mu)).toBeCloseTo(one.speed_m_s, 8);
      const seconds = 1000 / speed(one.mu * 1.01) - 1000 / speed(one.mu);
      expect(seconds).toBeCloseTo(one.seconds_per_km_for_1_percent, 7);
    },
  );

  it('balances the power on any slope, and is held at what nobody is faster than', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        fc.double({ min: 0.001, max: 0.3, noNaN: true }),
        fc.double({ min: 20, max: 900, noNaN: true }),
        (slope, friction, powerW) => {
          const air = { dragAreaM2: 0.4, airKgPerM3: 1.25 };
          const v = steadySpeed({ powerW, massKg: 80, slope, friction, ...air });
          const angle = Math.atan(slope);
          const along = 80 * PHYSICS.gravity * (friction * Math.cos(angle) + Math.sin(angle));
          const needed = v * (along + 0.5 * air.airKgPerM3 * air.dragAreaM2 * v * v);
          expect(Math.abs(needed - powerW)).toBeLessThan(
            1e-9 * Math.max(powerW, Math.abs(along * v)),
          );
        },
      ),
    );
    const fall = { massKg: 80, slope: -1, friction: 0.01, dragAreaM2: 0.01, airKgPerM3: 1.25 };
    expect(steadySpeed({ ...fall, powerW: 400 })).toBe(100);
  });

  it('needs a power, and free glide a slope that pulls', () => {
    const skier = { massKg: 80, slope: -0.1, friction: 0.03, dragAreaM2: 0.25, airKgPerM3: 1.25 };
    expect(() => steadySpeed({ ...skier, powerW: 0 })).toThrow(DomainError);
    expect(glideSpeed(skier)).toBeGreaterThan(10);
    expect(glideSpeed({ ...skier, slope: -0.02 })).toBe(0);
    expect(glideSpeed({ ...skier, slope: 0.1 })).toBe(0);
  });
});

describe('a run down from rest', () => {
  it.each(reference.hill)(
    'takes the seconds of the reference: $length_m m that fall $drop_m m, $mu',
    (one) => {
      const seconds = (friction: number) =>
        runDownSeconds({
          lengthM: one.length_m,
          angleRad: Math.asin(one.drop_m / one.length_m),
          friction,
          dragPerM: 0,
        });
      expect(seconds(one.mu)).toBeCloseTo(one.seconds_without_drag, 9);
      const percent = 100 * (seconds(one.mu * 1.01) / seconds(one.mu) - 1);
      expect(percent).toBeCloseTo(one.percent_time_for_1_percent_mu, 9);
    },
  );

  it('with little air is the run without, with air it agrees with small steps', () => {
    const run = { lengthM: 300, angleRad: 0.25, friction: 0.03 };
    expect(runDownSeconds({ ...run, dragPerM: 1e-9 })).toBeCloseTo(
      runDownSeconds({ ...run, dragPerM: 0 }),
      4,
    );
    const pull = 9.81 * (Math.sin(0.25) - 0.03 * Math.cos(0.25));
    let [x, v, t] = [0, 0, 0];
    const dt = 1e-4;
    while (x < 300) {
      v += dt * (pull - 0.009 * v * v);
      x += dt * v;
      t += dt;
    }
    expect(runDownSeconds({ ...run, dragPerM: 0.009 })).toBeCloseTo(t, 2);
  });

  it('does not begin where friction holds', () => {
    expect(() =>
      runDownSeconds({ lengthM: 10, angleRad: 0.01, friction: 0.05, dragPerM: 0 }),
    ).toThrow(DomainError);
  });
});

describe('what a loss costs', () => {
  it('is about 0.4 s a kilometre for one per cent in a race on skis for skating', () => {
    const seconds = lossSeconds({ discipline: 'skate', purpose: 'race', distanceKm: 10 }, 0.025, 1);
    expect(seconds).toBeGreaterThan(3);
    expect(seconds).toBeLessThan(5);
  });

  it('is nothing for no loss or no way, and grows with both, whatever is skied', () => {
    for (const discipline of DISCIPLINES) {
      for (const purpose of PURPOSES) {
        const cost = (lossPercent: number, distanceKm: number) =>
          lossSeconds({ discipline, purpose, distanceKm }, 0.03, lossPercent);
        expect(cost(0, 10)).toBe(0);
        expect(cost(5, 0)).toBe(0);
        expect(cost(1, 1)).toBeGreaterThan(0);
        expect(cost(2, 1)).toBeGreaterThan(cost(1, 1));
        expect(cost(1, 5)).toBeGreaterThan(cost(1, 1));
        expect(Number.isFinite(cost(10, 500))).toBe(true);
      }
    }
  });

  it('is the same for skis and a board that only fall', () => {
    const cost = (discipline: 'alpine' | 'snowboard', purpose: 'race' | 'recreation') =>
      lossSeconds({ discipline, purpose, distanceKm: 2 }, 0.03, 1);
    expect(cost('snowboard', 'race')).toBe(cost('alpine', 'race'));
    expect(cost('snowboard', 'recreation')).toBe(cost('alpine', 'recreation'));
    // A run of two kilometres takes two minutes: a per cent of its friction is a fraction of a second.
    expect(cost('alpine', 'race')).toBeLessThan(0.3);
  });

  it('costs who goes slowly more time than who races', () => {
    const cost = (purpose: 'race' | 'recreation') =>
      lossSeconds({ discipline: 'classic', purpose, distanceKm: 10 }, 0.03, 1);
    expect(cost('recreation')).toBeGreaterThan(cost('race'));
    expect(
      skiedSeconds({ discipline: 'classic', purpose: 'race', distanceKm: 10 }, 0.03),
    ).toBeLessThan(
      skiedSeconds({ discipline: 'classic', purpose: 'recreation', distanceKm: 10 }, 0.03),
    );
  });
});

it('losses of one outing between steps are as each on its own, to a hundredth of a second in a minute', () => {
  for (const discipline of ['skate', 'alpine'] as const) {
    const skied = {
      discipline,
      purpose: 'race',
      distanceKm: discipline === 'skate' ? 42 : 1.5,
    } as const;
    const seconds = lossInSeconds(skied, 0.03);
    for (const loss of [0, 0.01, 0.26, 0.5, 1.3, 7.77, 20]) {
      const alone = lossSeconds(skied, 0.03, loss);
      expect(Math.abs(seconds(loss) - alone)).toBeLessThan(0.01 + alone / 6000);
    }
  }
});
