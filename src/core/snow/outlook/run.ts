import { DomainError } from '../../errors';
import { assimilate } from './assimilate';
import { kernelFor, type Kernel } from '../../kernel';
import { record } from './record';
import { startState, type State } from './state';
import { summarise } from './summarise';
import { applyEvents, layNewSnow } from './surface-change';
import { snowShare } from '../precipitation';
import type { Outlook, OutlookInput } from './types';

/** An outlook in the making, so that a worker can report progress and a server stay responsive. */
export interface OutlookRun {
  steps: number;
  done: () => number;
  /** Carries on for up to this many steps; true when all are done. */
  advance: (steps: number) => boolean;
  result: () => Outlook;
}

/** What falls as snow in the weather as it was forecast, mm: all members share the layers it fills. */
function forecastSnowfallMm({ forcing, pressureHPa }: State, i: number): number {
  const share = snowShare({
    airTemperatureC: forcing.airTemperatureC[i]!,
    humidityFraction: forcing.humidityFraction[i]!,
    pressureHPa,
  });
  return share * forcing.precipitationMm[i]!;
}

/** What was not a number, anywhere in the input, would be snow at 0 °C a step later: it is refused. */
function requireNumbers({ columns }: State): void {
  if (columns.energyIn.some(Number.isNaN)) {
    throw new DomainError({ code: 'out_of_range' }, 'weather', NaN);
  }
}

function advance(state: State, kernel: Kernel, count: number): boolean {
  const { forcing } = state;
  const until = Math.min(forcing.steps, state.done + count);
  while (state.done < until) {
    const i = state.done;
    state.drawn.moveTo((i + 0.5) * forcing.timeStepS);
    if (forcing.precipitationMm[i]! > 0) layNewSnow(state, forecastSnowfallMm(state, i));
    kernel.step(i);
    requireNumbers(state);
    state.done += 1;
    const nowMs = forcing.startMs + state.done * forcing.timeStepS * 1000;
    applyEvents(state, nowMs);
    assimilate(state, nowMs);
    if (state.done % state.stride === 0) record(state);
  }
  return state.done >= forcing.steps;
}

/**
 * Prepares an outlook: an ensemble of snow columns under perturbed weather, weighed by readings as they
 * come (a particle filter; house spreads in surfaces.ts). The same seed gives the same figures.
 * 1…2000 members; weather of at least two samples without a gap over three hours; readings within its
 * time; only numbers; otherwise DomainError. `kernelOf` is what carries the members on.
 */
export function outlookRun(input: OutlookInput, kernelOf = kernelFor): OutlookRun {
  const state = startState(input);
  const kernel = kernelOf(state);
  record(state);
  return {
    steps: state.forcing.steps,
    done: () => state.done,
    advance: (steps) => advance(state, kernel, steps),
    result: () => summarise(state),
  };
}

/** The whole outlook at once; see {@link outlookRun}. */
export function outlook(input: OutlookInput): Outlook {
  const run = outlookRun(input);
  run.advance(run.steps);
  return run.result();
}
