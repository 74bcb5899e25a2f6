import { describe, expect, it } from 'vitest';
import reference from '../reference/glide.json';
import type { GlideResponse } from '@/features/test/use-cases/answer-glide';
import { POST } from '../../app/api/v1/glide/route';

const { paired } = reference;
const RUNS = paired.minutes.map((minute, k) => ({
  minute,
  ski: paired.ski[k],
  seconds: paired.seconds[k],
}));
const HILL = { dropM: 6, lengthM: 80 };

async function asked(body: unknown) {
  const response = await POST(
    new Request('http://localhost/api/v1/glide', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }),
  );
  return { status: response.status, body: (await response.json()) as unknown };
}

async function answered(body: unknown): Promise<GlideResponse> {
  const got = await asked(body);
  expect(got.status).toBe(200);
  return got.body as GlideResponse;
}

async function problemsOf(body: unknown) {
  const got = await asked(body);
  expect(got.status).toBe(422);
  return (got.body as { details: { field: string; message: string }[] }).details;
}

describe('POST /api/v1/glide', () => {
  it('tells what the runs say, in figures and in one sentence', async () => {
    const result = await answered({ runs: RUNS, hill: HILL, snow: { temperatureC: -8 } });
    expect(result.measure).toBe('seconds');
    expect(result.driftPerMin).toBeCloseTo(paired.drift_s_per_min, 9);
    expect(result.differences[0]).toMatchObject({ a: 'A', b: 'B' });
    expect(result.differences[0]!.estimate).toBeCloseTo(paired.difference_B_minus_A, 9);
    const { estimate, low, high } = result.differences[0]!.frictionPercent!;
    expect(low).toBeGreaterThan(0);
    expect((high - low) / estimate).toBeCloseTo(
      (2 * paired.half_width_95) / paired.difference_B_minus_A,
      6,
    );
    expect(result.ranking.map(({ ski }) => ski)).toEqual(['A', 'B']);
    expect(result.verdict).toMatchObject({
      code: 'faster',
      mayStop: true,
      message: 'A is better than B. That is clear: you can stop.',
    });
    expect(result.modelVersion).toMatch(/^\d/);
  });

  it('keeps an odd run and says what is odd', async () => {
    const runs = RUNS.map((run, k) => (k === 5 ? { ...run, seconds: 36 } : run));
    const { outliers, verdict, differences } = await answered({ runs });
    expect(outliers).toHaveLength(1);
    expect(outliers[0]!.index).toBe(5);
    expect(outliers[0]!.reason).toMatch(/^\d\.\d\d s slower than the other runs/);
    expect(verdict.mayStop).toBe(false);
    expect(differences[0]!.frictionPercent).toBeUndefined();
  });

  it('takes metres and feel, and few runs with a plain word', async () => {
    const metres = RUNS.map(({ minute, ski }, k) => ({ minute, ski, metres: 40 + (k % 3) }));
    expect((await answered({ runs: metres, hill: HILL })).measure).toBe('metres');
    const feel = RUNS.map(({ minute, ski }, k) => ({ minute, ski, feel: 5 + (k % 2) }));
    expect((await answered({ runs: feel })).ranking).toHaveLength(2);
    const { verdict, differences, driftPerMin } = await answered({ runs: RUNS.slice(0, 2) });
    expect(differences).toEqual([]);
    expect(driftPerMin).toBeNull();
    expect(verdict.message).toBe('Too few runs to say anything. Make at least 2 more runs.');
  });

  it.each([
    [{ runs: [] }, 'runs', /at least one run/],
    [{}, 'runs', /at least one run/],
    [{ runs: [{ minute: 0, ski: 'A' }] }, 'runs[0]', /one of seconds, metres or feel/],
    [{ runs: [{ minute: 0, ski: 'A', seconds: 3, feel: 3 }] }, 'runs[0]', /one of/],
    [
      {
        runs: [
          { minute: 0, ski: 'A', seconds: 3 },
          { minute: 1, ski: 'B', metres: 3 },
        ],
      },
      'runs',
      /same measure/,
    ],
    [{ runs: [{ minute: -1, ski: 'A', seconds: 3 }] }, 'runs[0].minute', /Minute/],
    [{ runs: [{ minute: 0, ski: '', seconds: 3 }] }, 'runs[0].ski', /missing/],
    [{ runs: [{ minute: 0, ski: 'A', seconds: 'fast' }] }, 'runs[0].seconds', /Time/],
    [{ runs: RUNS, hill: { dropM: 90, lengthM: 80 } }, 'hill.dropM', /less than the length/],
    [{ runs: RUNS, hill: { dropM: 9 } }, 'hill.lengthM', /missing/],
    [{ runs: RUNS, snow: { temperatureC: 4 } }, 'snow.temperatureC', /Snow temperature/],
    [
      { runs: Array.from({ length: 40 }, (_, k) => ({ minute: k, ski: `S${k}`, seconds: 30 })) },
      'runs',
      /up to 24 skis/,
    ],
  ])('answers %j with a sentence at its field', async (body, field, message) => {
    const problems = await problemsOf(body);
    expect(problems.find((one) => one.field === field)?.message).toMatch(message);
  });
});
