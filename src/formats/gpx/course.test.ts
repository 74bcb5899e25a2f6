import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courseOf, MOST_SEGMENTS, type CourseTrack } from './course';
import type { TrackPoint } from './points';

/** A degree of latitude, m. */
const DEGREE_M = (6_371_009 * Math.PI) / 180;
const HOME = { latitude: 46, longitude: 10 };

/** A point some metres north and up from home. */
const at = (northM: number, altitudeM: number | undefined): TrackPoint => ({
  latitude: HOME.latitude + northM / DEGREE_M,
  longitude: HOME.longitude,
  altitudeM,
});

function read(points: readonly TrackPoint[], reversed = false): CourseTrack {
  const file = courseOf(
    points.map((point) => ({ ...point })),
    500,
    reversed,
  );
  if (!file.ok) throw new Error(file.message);
  return file.track;
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

describe('the segments of a course', () => {
  it('are told alike wherever the points of the track stand', () => {
    // Down 8° to the north, 1 km: eight points within the first 80 m, then one leg.
    const down = (northM: number) => at(northM, 1000 - northM * Math.tan((8 * Math.PI) / 180));
    const crowded = [0, 10, 20, 30, 40, 50, 60, 70, 80, 1000].map(down);
    const { segments, altitudeM, lengthM } = read(crowded);
    expect(lengthM).toBeCloseTo(1000, 3);
    expect(segments).toHaveLength(MOST_SEGMENTS);
    for (const [k, segment] of segments.entries()) {
      expect(segment).toMatchObject({ lengthM: 125, slopeDeg: 8, aspectDeg: 0 });
      expect(segment.altitudeM).toBe(Math.round(down(125 * (k + 0.5)).altitudeM!));
    }
    expect(altitudeM).toBe(Math.round(down(500).altitudeM!));
  });

  it('weigh altitudes by the way, not by how many points were logged', () => {
    // Long at 100 m, then up to 200 m where somebody stood and waited.
    const waiting = Array.from({ length: 60 }, (_, i) => at(2000 + i, 200));
    const { altitudeM } = read([at(0, 100), at(1900, 100), ...waiting]);
    expect(altitudeM).toBeGreaterThan(100);
    expect(altitudeM).toBeLessThan(112);
  });

  it('keep the length, the fall and the order of any track', () => {
    const steps = fc.array(
      fc.record({
        // A track of less than 20 m is refused.
        northM: fc.integer({ min: 10, max: 900 }),
        upM: fc.integer({ min: -60, max: 60 }),
      }),
      { minLength: 2, maxLength: 40 },
    );
    fc.assert(
      fc.property(steps, (walked) => {
        let [northM, altitudeM] = [0, 1500];
        const points = [at(northM, altitudeM)];
        for (const step of walked) {
          northM += step.northM;
          altitudeM += step.upM;
          points.push(at(northM, altitudeM));
        }
        const { segments, lengthM, latitude } = read(points);
        expect(lengthM).toBeCloseTo(northM, 2);
        expect(Math.abs(sum(segments.map((one) => one.lengthM)) - lengthM)).toBeLessThan(5);
        // Slopes downhill to the north, uphill to the south: together they give the whole fall, as rounded.
        const falls = segments.map(
          (one) =>
            (lengthM / segments.length) *
            Math.tan((one.slopeDeg * Math.PI) / 180) *
            (one.aspectDeg === 0 ? 1 : -1),
        );
        expect(Math.abs(sum(falls) - (1500 - altitudeM))).toBeLessThan(lengthM * 0.0012 + 0.5);
        const [lowest, highest] = [
          Math.min(...points.map((one) => one.altitudeM!)),
          Math.max(...points.map((one) => one.altitudeM!)),
        ];
        for (const { altitudeM: mean } of segments) {
          expect(mean).toBeGreaterThanOrEqual(Math.floor(lowest));
          expect(mean).toBeLessThanOrEqual(Math.ceil(highest));
        }
        expect((latitude - HOME.latitude) * DEGREE_M).toBeCloseTo(northM / 2, 1);
      }),
      { numRuns: 300 },
    );
  });

  it('lie the same way when the course is run the other way round', () => {
    const points = [at(0, 900), at(300, 880), at(700, 910), at(1500, 800)];
    const there = read(points).segments.map(({ name: _name, ...lie }) => lie);
    const back = read(points, true).segments.map(({ name: _name, ...lie }) => lie);
    expect(back).toEqual([...there].reverse());
  });

  it('go over the line of dates by the short way', () => {
    const { longitude, segments } = read([
      { latitude: 60, longitude: 179.99, altitudeM: 100 },
      { latitude: 60, longitude: -179.99, altitudeM: 90 },
    ]);
    expect(Math.abs(Math.abs(longitude) - 180)).toBeLessThan(1e-6);
    expect(segments).toMatchObject([{ aspectDeg: 90, lengthM: 1112 }]);
    const beyond = read([
      { latitude: 60, longitude: 179.9, altitudeM: 100 },
      { latitude: 60, longitude: -179.7, altitudeM: 90 },
    ]);
    expect(beyond.longitude).toBeCloseTo(-179.9, 6);
  });

  it('have altitudes bridged where the track has gaps, and say how many', () => {
    const whole = [at(0, 600), at(100, undefined), at(300, undefined), at(400, 640)];
    const { segments, notes } = read(whole);
    expect(notes).toHaveLength(1);
    expect(notes[0]).toContain('2');
    for (const { slopeDeg, aspectDeg } of segments) {
      expect(slopeDeg).toBeCloseTo(5.7, 1);
      expect(aspectDeg).toBe(180);
    }
  });
});
