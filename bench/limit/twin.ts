import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { kernelFor, plainKernel } from '../../src/core/kernel';
import type { OutlookInput } from '../../src/core/snow/outlook';
import { startState, type State } from '../../src/core/snow/outlook/state';

/** The kernel in C lies beside this file's folder in the source, wherever the bench itself runs from. */
const SOURCE = path.join(process.cwd(), 'bench', 'limit', 'kernel.c');
const ROUNDS = 15;
/** How far the two may be apart, of the larger. */
const ALIKE = 1e-9;

/** What both kernels are given: the errors of every step, drawn before the clock runs. */
function errorsOfEveryStep({ forcing, drawn }: State): Float64Array[] {
  return Array.from({ length: forcing.steps }, (_, i) => {
    drawn.moveTo((i + 0.5) * forcing.timeStepS);
    return drawn.now.slice();
  });
}

/** The state in the order in which the kernel in C reads it. */
function asDoubles(state: State, errors: readonly Float64Array[]): Float64Array {
  const { forcing, step, columns, grains, probe } = state;
  const { conduction } = step;
  const parts: ArrayLike<number>[] = [
    [state.members, columns.grid.layers, forcing.steps, probe.above],
    [forcing.timeStepS, state.pressureHPa, state.hiddenSky],
    [conduction.firstDiagonal, conduction.surfaceConductance, state.densities[0]!, probe.below],
    ...[forcing.airTemperatureC, forcing.airSdK, forcing.humidityFraction, forcing.humiditySd],
    ...[forcing.cloudLogit, forcing.windMPerS, forcing.clearSky, forcing.slopeRatio],
    ...[conduction.capacity, conduction.capacityRate, conduction.carry, conduction.inversePivot],
    ...[step.sunShare, step.heldWater, step.drainShare, probe.share, state.drawn.neutralExchange],
    ...errors,
    ...[columns.temperature, columns.surface, state.albedo],
    ...[grains.dendricity, grains.sphericity, grains.sizeMm],
  ];
  return Float64Array.from(parts.flatMap((part) => Array.from(part)));
}

/** What the snow has become, in the order in which the kernel in C writes it. */
const outcome = ({ columns, hoar, grains }: State): number[] =>
  [
    ...[columns.temperature, columns.water, columns.surface],
    ...[hoar, grains.sphericity, columns.energyMoved],
  ].flatMap((part) => Array.from(part));

function runHere(input: OutlookInput, kernelOf: typeof kernelFor): { ns: number; ends: number[] } {
  let ns = Infinity;
  let ends: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const state = startState(input);
    const errors = errorsOfEveryStep(state);
    const kernel = kernelOf(state);
    const from = performance.now();
    for (let i = 0; i < state.forcing.steps; i += 1) {
      state.drawn.now.set(errors[i]!);
      kernel.step(i);
    }
    ns = Math.min(ns, (performance.now() - from) * 1e6);
    ends = outcome(state);
  }
  return { ns, ends };
}

function runInC(input: OutlookInput, folder: string): { ns: number; ends: Float64Array } {
  const [program, given, result] = ['kernel', 'in', 'out'].map((name) => path.join(folder, name));
  execFileSync('cc', ['-O2', '-o', program!, SOURCE, '-lm']);
  const state = startState(input);
  writeFileSync(given!, asDoubles(state, errorsOfEveryStep(state)));
  const ns = Number(execFileSync(program!, [given!, result!], { encoding: 'utf8' }));
  const bytes = readFileSync(result!);
  return { ns, ends: new Float64Array(bytes.buffer, bytes.byteOffset, bytes.byteLength / 8) };
}

function requireAlike(ends: readonly number[], inC: Float64Array): void {
  ends.forEach((value, k) => {
    const other = inC[k]!;
    if (!(Math.abs(value - other) <= ALIKE * Math.max(1, Math.abs(value)))) {
      throw new Error(`the two kernels differ at ${k}: ${value} here, ${other} in C`);
    }
  });
}

/**
 * The snow kernel as it runs here, as plain TypeScript and in C (-O2) on the same input, fastest of 15 runs each, ns a
 * layer-step. Undefined where there is no C compiler. Throws where they do not compute the same. Weather without
 * precipitation only.
 */
export function againstC(
  input: OutlookInput,
): { here: number; plain: number; inC: number } | undefined {
  if (spawnSync('cc', ['--version']).status !== 0) return undefined;
  const folder = mkdtempSync(path.join(tmpdir(), 'frost-limit-'));
  try {
    const inC = runInC(input, folder);
    const [here, plain] = [kernelFor, plainKernel].map((kernelOf) => {
      const run = runHere(input, kernelOf);
      requireAlike(run.ends, inC.ends);
      return run;
    });
    const state = startState(input);
    const layerSteps = state.members * state.columns.grid.layers * state.forcing.steps;
    return {
      here: here!.ns / layerSteps,
      plain: plain!.ns / layerSteps,
      inC: inC.ns / layerSteps,
    };
  } finally {
    rmSync(folder, { recursive: true });
  }
}
