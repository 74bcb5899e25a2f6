import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import reference from '../../../tests/reference/air.json';
import { between } from '../../../tests/unit/arbitraries';
import { DomainError } from '../errors';
import {
  airTemperatureAtC,
  dewPointC,
  frostPointC,
  humidityOverIceFraction,
  saturationOverIceHPa,
  saturationOverWaterHPa,
  stationPressureHPa,
  vapourPressureHPa,
  wetBulbC,
} from '.';

describe('moist air', () => {
  it.each(reference.cases)('agrees with the published values at $t °C and $rh', (row) => {
    expect(saturationOverWaterHPa(row.t)).toBeCloseTo(row.ew_hPa, 10);
    expect(saturationOverIceHPa(row.t)).toBeCloseTo(row.ei_hPa, 10);
    const vapour = vapourPressureHPa(row.t, row.rh);
    expect(dewPointC(vapour)).toBeCloseTo(row.dew_C, 9);
    expect(frostPointC(vapour)).toBeCloseTo(row.frost_C, 9);
    expect(humidityOverIceFraction(row.t, row.rh)).toBeCloseTo(row.rh_ice, 10);
  });

  it('has dew and frost point as inverses of saturation over the whole range', () => {
    fc.assert(
      fc.property(fc.double({ min: -60, max: 20, noNaN: true }), (t) => {
        expect(dewPointC(saturationOverWaterHPa(t))).toBeCloseTo(t, 8);
        expect(frostPointC(saturationOverIceHPa(t))).toBeCloseTo(t, 8);
      }),
    );
  });

  it('puts the wet bulb between dew point and air, on the psychrometric equation', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 20, noNaN: true }),
        fc.double({ min: 0.05, max: 0.999, noNaN: true }),
        (t, humidity) => {
          const wet = wetBulbC(t, humidity, 850);
          const vapour = vapourPressureHPa(t, humidity);
          expect(wet).toBeLessThanOrEqual(t);
          expect(wet).toBeGreaterThan(dewPointC(vapour));
          const back =
            saturationOverWaterHPa(wet) - 6.53e-4 * (1 + 9.44e-4 * wet) * 850 * (t - wet);
          expect(back).toBeCloseTo(vapour, 5);
        },
      ),
    );
  });

  it('has a wet bulb for any air that is believed, where the psychrometer’s equation holds', () => {
    fc.assert(
      fc.property(
        between(-90, 60),
        between(0, 1),
        between(300, 1100),
        (t, humidity, pressureHPa) => {
          const wet = wetBulbC(t, humidity, pressureHPa);
          expect(wet).toBeLessThanOrEqual(t);
          // The driest and coldest air has a root just under what saturation is asked for.
          const saturated = saturationOverWaterHPa(Math.max(-90, wet));
          const fall = 6.53e-4 * (1 + 9.44e-4 * wet) * pressureHPa * (t - wet);
          expect(saturated - fall).toBeCloseTo(vapourPressureHPa(t, humidity), wet < -90 ? 3 : 9);
        },
      ),
      { numRuns: 500 },
    );
  });

  it('equals the air temperature in saturated air and gives −2.9 °C at 0 °C and half humidity', () => {
    expect(wetBulbC(-4, 1, 900)).toBeCloseTo(-4, 5);
    expect(wetBulbC(0, 0.5, 1000)).toBeCloseTo(-2.896, 2);
  });

  it('carries pressure and temperature with altitude by the standard atmosphere', () => {
    expect(stationPressureHPa(0)).toBe(1013.25);
    expect(stationPressureHPa(1500)).toBeCloseTo(845.56, 1);
    expect(airTemperatureAtC(-4, { fromAltitudeM: 600, toAltitudeM: 1200 })).toBeCloseTo(-7.9, 12);
    expect(
      airTemperatureAtC(-4, { fromAltitudeM: 600, toAltitudeM: 1200, lapseKPerM: -0.005 }),
    ).toBeCloseTo(-1, 12);
  });

  it('refuses values that are not weather, NaN too', () => {
    for (const call of [
      () => saturationOverWaterHPa(NaN),
      () => saturationOverIceHPa(-273),
      () => vapourPressureHPa(-5, 1.2),
      () => dewPointC(0),
      () => frostPointC(-1),
      () => wetBulbC(0, 0.5, 10),
      () => stationPressureHPa(20_000),
    ]) {
      expect(call).toThrow(DomainError);
    }
  });
});
