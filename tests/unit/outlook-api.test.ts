import { describe, expect, it } from 'vitest';
import { outlookResponseSchema } from '@/formats/schemas/outlook';
import { POST } from '../../app/api/v1/outlook/route';

const weather = (hours: number) =>
  Array.from({ length: hours + 1 }, (_, hour) => ({
    time: new Date(Date.parse('2027-01-16T09:00:00Z') + hour * 3_600_000).toISOString(),
    airTemperatureC: -4,
    humidityFraction: 0.7,
    windMPerS: 1,
    cloudFraction: 0.1,
  }));
const body = (more: object = {}) => ({
  site: { latitude: 46.6, longitude: 10.2, altitudeM: 700 },
  surface: { kind: 'machine_made' },
  weather: weather(8),
  members: 60,
  seed: 3,
  ...more,
});
const post = (input: unknown) =>
  POST(
    new Request('http://localhost/api/v1/outlook', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(input),
    }),
  );
const problems = async (input: unknown) => {
  const response = await post(input);
  expect(response.status).toBe(422);
  const { details } = (await response.json()) as { details: { field: string; message: string }[] };
  return Object.fromEntries(details.map((one) => [one.field, one.message]));
};

describe('POST /api/v1/outlook', () => {
  it('answers in the shape its schema promises, the same for the same seed', async () => {
    const first: unknown = await (await post(body())).json();
    const answer = outlookResponseSchema.validateSync(first, { strict: true });
    expect(answer.times).toHaveLength(answer.contactTemperatureC.p50.length);
    expect(answer.humidityOverIceFraction).toHaveLength(answer.times.length);
    expect(answer.energyResidualRelative).toBeLessThan(1e-6);
    expect(await (await post(body())).json()).toEqual(first);
  });

  it('is pulled by a reading', async () => {
    const time = '2027-01-16T15:00:00Z';
    const answer = (await (
      await post(body({ readings: [{ time, temperatureC: -9, sdC: 0.4 }] }))
    ).json()) as { effectiveMembers: number };
    expect(answer.effectiveMembers).toBeLessThan(60);
  });

  it('takes grooming and traffic, what was seen beside the temperature, and when the forecast was made', async () => {
    const time = '2027-01-16T15:00:00Z';
    const snowing = weather(8).map((hour) => ({ ...hour, precipitationMm: 1.5 }));
    const sharpness = async (more: object) => {
      const answer = (await (await post(body({ weather: snowing, ...more }))).json()) as {
        sharpness: { p50: number[] };
      };
      return answer.sharpness.p50.at(-1)!;
    };
    const plain = await sharpness({});
    expect(
      await sharpness({ events: [{ time: '2027-01-16T16:55:00Z', kind: 'groomed' }] }),
    ).toBeLessThan(plain - 0.2);
    expect(
      await sharpness({ events: [{ time: '2027-01-16T16:55:00Z', kind: 'skied', passes: 200 }] }),
    ).toBeLessThan(plain - 0.2);
    const seen = { time, temperatureC: -3, sdC: 0.4 };
    const answer = outlookResponseSchema.validateSync(
      await (
        await post(
          body({
            forecastMadeAt: '2027-01-15T09:00:00Z',
            readings: [{ ...seen, wetness: 'wet', grain: 'MF', source: 'infrared' }],
          }),
        )
      ).json(),
    );
    const row = answer.times.indexOf('2027-01-16T15:00:00.000Z');
    expect(answer.contactTemperatureC.p50[row]).toBe(0);
    expect(answer.surpriseK).toBeGreaterThan(1);
    const bad = await problems(
      body({
        events: [{ time: 'dawn', kind: 'ploughed', passes: 0 }, null],
        readings: [{ ...seen, wetness: 'damp', source: 'nose' }],
      }),
    );
    for (const field of [
      'events[0].time',
      'events[0].kind',
      'events[0].passes',
      'events[1]',
      'readings[0].wetness',
      'readings[0].source',
    ]) {
      expect(bad).toHaveProperty([field]);
    }
  });

  it('names a gap, disorder, length, members and readings outside', async () => {
    const holed = weather(12).filter((_, hour) => hour < 4 || hour > 7);
    expect((await problems(body({ weather: holed }))).weather).toContain(
      'gap of more than 3 h, from 2027-01-16T12',
    );
    expect((await problems(body({ weather: weather(241) }))).weather).toContain('240 hours');
    expect(await problems(body({ weather: [...weather(3)].reverse() }))).toHaveProperty([
      'weather[1].time',
    ]);
    expect((await problems(body({ members: 5000 }))).members).toContain('2000');
    const outside = [{ time: '2027-01-18T00:00:00Z', temperatureC: -5, sdC: 0.4 }];
    expect((await problems(body({ readings: outside })))['readings[0].time']).toContain('outside');
  });

  it('lists every bad field, and never fails otherwise', async () => {
    const bad = await problems({
      site: { latitude: 100, longitude: 'east', altitudeM: 9000 },
      surface: { kind: 'mud', albedo: 2 },
      weather: [{ time: 'noon' }, null],
      seed: -1,
    });
    for (const field of [
      'site.latitude',
      'site.longitude',
      'surface.kind',
      'weather[0].time',
      'seed',
    ]) {
      expect(bad).toHaveProperty([field]);
    }
    for (const input of [null, [], {}, { site: 1, surface: [], weather: {} }]) {
      expect((await post(input)).status).toBe(422);
    }
    const huge = await post(body({ padding: 'x'.repeat(1_100_000) }));
    expect(huge.status).toBe(413);
  });
});
