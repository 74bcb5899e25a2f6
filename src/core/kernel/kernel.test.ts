import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { COMPILED, compileKernel } from '../../../scripts/lib/kernel.mjs';
import { anyOutlook } from '../../../tests/unit/any-outlook';
import { FLAT_SITE } from '../../../tests/unit/fixtures';
import { outlookRun, type OutlookInput } from '../snow/outlook';
import { startState } from '../snow/outlook/state';
import { kernelFor, plainKernel } from './kernel';

const START = Date.parse('2027-01-16T12:00:00Z');
const HOUR = 3_600_000;

/** Half a day of wet snowfall that turns to frost. */
const STORM: OutlookInput = {
  site: FLAT_SITE,
  surface: { kind: 'groomed' },
  weather: Array.from({ length: 13 }, (_, hour) => ({
    timeMs: START + hour * HOUR,
    airTemperatureC: 3 - hour,
    humidityFraction: 0.9,
    windMPerS: 2 + hour / 2,
    cloudFraction: hour < 6 ? 0.95 : 0.1,
    precipitationMm: hour < 6 ? 3 : 0,
  })),
  events: [{ timeMs: START + 7 * HOUR, kind: 'groomed' }],
  members: 30,
};

function made(input: OutlookInput, kernelOf: typeof kernelFor) {
  const run = outlookRun(input, kernelOf);
  run.advance(run.steps);
  return run.result();
}

/** Every number of a result, whatever it stands in, with where it does. */
function numbersOf(value: unknown, at = ''): [string, number][] {
  if (typeof value === 'number') return [[at, value]];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, part]) => numbersOf(part, `${at}.${key}`));
}

function expectAlike(input: OutlookInput, within: number) {
  const [compiled, plain] = [kernelFor, plainKernel].map((kernelOf) =>
    numbersOf(made(input, kernelOf)),
  );
  expect(compiled).toHaveLength(plain!.length);
  const apart = compiled!.filter(([, value], k) => {
    const other = plain![k]![1];
    return !(Math.abs(value - other) <= within * Math.max(1, Math.abs(other)));
  });
  expect(apart).toEqual([]);
}

describe('the compiled kernel', () => {
  it('is compiled from what stands here: else `npm run kernel`', async () => {
    expect(readFileSync(COMPILED, 'utf8')).toBe(await compileKernel());
  }, 60_000);

  it('gives what the TypeScript gives that it is compiled from', () => {
    expectAlike(STORM, 1e-9);
  });

  it('gives it in any weather, with any readings', () => {
    fc.assert(
      fc.property(anyOutlook, (input) => expectAlike(input, 1e-6)),
      { numRuns: 150 },
    );
  });

  it('carries on with a list or a part that was replaced meanwhile', () => {
    const [compiled, plain] = [kernelFor, plainKernel].map((kernelOf) => {
      const state = startState(STORM);
      const kernel = kernelOf(state);
      kernel.step(0);
      state.albedo = state.albedo.map(() => 0.4);
      state.step = { ...state.step, heldWater: state.step.heldWater.map((held) => held / 2) };
      state.pressureHPa = 700;
      for (let i = 1; i < state.forcing.steps; i += 1) kernel.step(i);
      return [...state.columns.temperature, ...state.columns.water, ...state.albedo];
    });
    compiled!.forEach((value, k) => expect(value).toBeCloseTo(plain![k]!, 9));
  });

  it('keeps ensembles apart that go on by turns', () => {
    const alone = made(STORM, kernelFor);
    const [one, other] = [STORM, { ...STORM, seed: 7 }].map((input) => outlookRun(input));
    for (let k = 0; k < one!.steps; k += 1) {
      one!.advance(1);
      other!.advance(1);
    }
    expect(one!.result()).toEqual(alone);
    expect(other!.result()).not.toEqual(alone);
  });
});

describe('where no compiled program may run', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  const failing = (error: Error) =>
    vi.fn(() => {
      throw error;
    });

  /** The kernel of a browser in which something of WebAssembly does not go. */
  async function kernelWith(missing: Partial<Record<'Module' | 'Instance', () => never>>) {
    const { Module, Instance } = WebAssembly;
    vi.resetModules();
    vi.stubGlobal('WebAssembly', { Module, Instance, ...missing });
    return (await import('./kernel')).kernelFor;
  }

  it('the same outlook comes from the TypeScript, and it is not tried again', async () => {
    const Module = failing(new WebAssembly.CompileError('refused'));
    const kernelOf = await kernelWith({ Module });
    const plain = made(STORM, plainKernel);
    expect(made(STORM, kernelOf)).toEqual(plain);
    expect(made(STORM, kernelOf)).toEqual(plain);
    expect(Module).toHaveBeenCalledOnce();
  });

  it('it comes from there too while there is no room for one more memory', async () => {
    const Instance = failing(new RangeError('out of memory'));
    const kernelOf = await kernelWith({ Instance });
    expect(made(STORM, kernelOf)).toEqual(made(STORM, plainKernel));
    expect(Instance).toHaveBeenCalledOnce();
  });

  it('and while its memory cannot grow', async () => {
    const room = failing(new WebAssembly.RuntimeError('unreachable'));
    const Instance = vi.fn(function Started(this: { exports: object }) {
      this.exports = { room };
    });
    const kernelOf = await kernelWith({ Instance: Instance as never });
    expect(made(STORM, kernelOf)).toEqual(made(STORM, plainKernel));
    expect(room).toHaveBeenCalledOnce();
  });
});
