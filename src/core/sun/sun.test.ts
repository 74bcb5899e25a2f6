import { describe, expect, it } from 'vitest';
import reference from '../../../tests/reference/sun.json';
import { DomainError } from '../errors';
import { clearSkyGlobal, cloudFactor, diffuseFraction, slopeRatio, sunPosition, sunTimes } from '.';

const flat = { slopeDeg: 0, aspectDeg: 0, shadeFraction: 0 };

describe('the sun', () => {
  it.each(reference.cases)('stands where the published example has it', (row) => {
    const sun = sunPosition(Date.parse(row.utc), row.lat, row.lon);
    expect(Math.abs(sun.altitudeDeg - row.altitude_deg)).toBeLessThan(0.05);
    expect(Math.abs(sun.azimuthDeg - row.azimuth_deg)).toBeLessThan(0.05);
  });

  it.each(reference.haurwitz_W_m2)('shines from a clear sky at $altitude_deg°', (row) => {
    expect(clearSkyGlobal(row.altitude_deg)).toBeCloseTo(row.clear, 8);
  });

  it.each(reference.cloud_factor)('is dimmed by cloud $N', (row) => {
    expect(cloudFactor(row.N)).toBeCloseTo(row.factor, 12);
  });

  it('has a diffuse share that falls with clearness, without jumps', () => {
    let before = diffuseFraction(0);
    for (let k = 0.01; k <= 1.2; k += 0.01) {
      const next = diffuseFraction(k);
      expect(Math.abs(next - before)).toBeLessThan(0.03);
      before = next;
    }
    expect(diffuseFraction(0.5)).toBeCloseTo(0.659, 3);
  });

  it('warms the slope that faces it more than the flat, and the one that faces away less', () => {
    expect(slopeRatio(400, { sunAltitudeDeg: 25, sunAzimuthDeg: 180, site: flat })).toBeCloseTo(
      1,
      12,
    );
    const facing = slopeRatio(400, {
      sunAltitudeDeg: 25,
      sunAzimuthDeg: 180,
      site: { slopeDeg: 20, aspectDeg: 180, shadeFraction: 0 },
    });
    const averted = slopeRatio(400, {
      sunAltitudeDeg: 25,
      sunAzimuthDeg: 180,
      site: { slopeDeg: 20, aspectDeg: 0, shadeFraction: 0 },
    });
    expect(facing).toBeGreaterThan(1.3);
    expect(averted).toBeLessThan(0.6);
    expect(
      slopeRatio(400, {
        sunAltitudeDeg: 25,
        sunAzimuthDeg: 180,
        site: { ...flat, shadeFraction: 1 },
      }),
    ).toBeLessThan(0.35);
    // Under a dull sky the light comes from all sides: the slope matters little. Under a bright one it matters much.
    const towards = (globalWPerM2: number) =>
      slopeRatio(globalWPerM2, {
        sunAltitudeDeg: 25,
        sunAzimuthDeg: 180,
        site: { slopeDeg: 20, aspectDeg: 180, shadeFraction: 0 },
      });
    expect(towards(50)).toBeLessThan(1.1);
    expect(towards(400)).toBeGreaterThan(towards(200) + 0.1);
    expect(slopeRatio(400, { sunAltitudeDeg: -3, sunAzimuthDeg: 180, site: flat })).toBe(0);
  });

  it('knows polar night, midnight sun and the southern hemisphere', () => {
    const christmas = Date.parse('2026-12-25T12:00:00Z');
    expect(clearSkyGlobal(sunPosition(christmas, 78, 15).altitudeDeg)).toBe(0);
    expect(sunTimes(christmas, 78, 15).riseMs).toBeUndefined();
    const june = Date.parse('2026-06-21T23:00:00Z');
    expect(sunPosition(june, 78, 15).altitudeDeg).toBeGreaterThan(5);
    const noon = sunPosition(Date.parse('2026-12-25T03:00:00Z'), -44, 135);
    expect(Math.min(noon.azimuthDeg, 360 - noon.azimuthDeg)).toBeLessThan(10);
  });

  it('refuses places and clouds that are not', () => {
    expect(() => sunPosition(0, 91, 0)).toThrow(DomainError);
    expect(() => cloudFactor(1.2)).toThrow(DomainError);
    expect(() => clearSkyGlobal(NaN)).toThrow(DomainError);
  });
});
