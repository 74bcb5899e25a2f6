import { DomainError } from '../errors';
import { INSTRUMENTS } from './figures';

/** A sample of a probe, seconds since it was put in. */
export interface ProbeSample {
  seconds: number;
  temperatureC: number;
}

/** Where a probe is going. */
export interface SettleFit {
  finalC: number;
  /** Standard error of the final temperature, °C. */
  sdC: number;
  timeConstantS: number;
  /** True when waiting longer would tell nothing more: the probe may be pulled. */
  isSettled: boolean;
}

const {
  leastSamples: LEAST_SAMPLES,
  leastSeconds: LEAST_SECONDS,
  settledSdC: SETTLED_SD_C,
  timeConstants,
} = INSTRUMENTS;
/** Time constants tried, s: from a thin needle to a thick stem. */
const TIME_CONSTANTS = Array.from(
  { length: timeConstants.count },
  (_, i) => timeConstants.firstS * Math.pow(timeConstants.growth, i),
);

interface LineFit {
  finalC: number;
  squares: number;
  variance: number;
}

/** Least squares of T = final + a·x with x = exp(−t/τ) given. */
function fitAt(samples: readonly ProbeSample[], timeConstantS: number): LineFit | undefined {
  const n = samples.length;
  let sx = 0;
  let sxx = 0;
  let sy = 0;
  let sxy = 0;
  for (const { seconds, temperatureC } of samples) {
    const x = Math.exp(-seconds / timeConstantS);
    sx += x;
    sxx += x * x;
    sy += temperatureC;
    sxy += x * temperatureC;
  }
  const determinant = n * sxx - sx * sx;
  if (determinant < 1e-9) return undefined;
  const a = (n * sxy - sx * sy) / determinant;
  const finalC = (sy - a * sx) / n;
  let squares = 0;
  for (const { seconds, temperatureC } of samples) {
    const rest = temperatureC - finalC - a * Math.exp(-seconds / timeConstantS);
    squares += rest * rest;
  }
  return { finalC, squares, variance: sxx / determinant };
}

/** Fits over the table of time constants, with the one between two of them that fits best. */
interface TableFit {
  finalC: number;
  sdC: number;
  timeConstantS: number;
}

/** Where a parabola through three even points is least, in steps from the middle one; within one step. */
function leastBetween(left: number, middle: number, right: number): number {
  const bend = left - 2 * middle + right;
  return bend > 0 ? Math.min(1, Math.max(-1, (left - right) / (2 * bend))) : 0;
}

function fitTable(samples: readonly ProbeSample[]): TableFit {
  const fits = TIME_CONSTANTS.flatMap((timeConstantS) => {
    const fit = fitAt(samples, timeConstantS);
    return fit ? [{ timeConstantS, ...fit }] : [];
  });
  const at = fits.reduce((least, fit, i) => (fit.squares < fits[least]!.squares ? i : least), 0);
  const best = fits[at]!;
  const [before, after] = [fits[at - 1], fits[at + 1]];
  const step = before && after ? leastBetween(before.squares, best.squares, after.squares) : 0;
  const noise = Math.max(
    INSTRUMENTS.leastNoise,
    best.squares / Math.max(1, samples.length - INSTRUMENTS.fitted),
  );
  let total = 0;
  let mean = 0;
  let second = 0;
  for (const fit of fits) {
    const weight = Math.exp(-(fit.squares - best.squares) / (2 * noise));
    total += weight;
    mean += weight * fit.finalC;
    second += weight * (fit.finalC * fit.finalC + noise * fit.variance);
  }
  const finalC = mean / total;
  return {
    finalC,
    sdC: Math.sqrt(Math.max(0, second / total - finalC * finalC)),
    timeConstantS: best.timeConstantS * Math.pow(timeConstants.growth, step),
  };
}

/** True when the last samples, one by one, have not moved where the probe is going. */
function isSteady(samples: readonly ProbeSample[], finalC: number): boolean {
  return Array.from({ length: INSTRUMENTS.steadySamples - 1 }, (_, k) => k + 1).every(
    (k) => Math.abs(fitTable(samples.slice(0, -k)).finalC - finalC) < INSTRUMENTS.steadyWithinC,
  );
}

/**
 * Fits a probe's drift `T = T∞ + (T₀ − T∞)·e^(−t/τ)` by least squares over a table of time constants, the best one
 * between two of them by a parabola, and says early where it will settle. The error covers noise and the time constant
 * not being known. Settled: surely known, over two time constants, and steady over the last three samples. Undefined
 * under 8 samples or 10 s: too early. NaN in a sample: DomainError.
 */
export function fitSettling(samples: readonly ProbeSample[]): SettleFit | undefined {
  if (samples.some((one) => !Number.isFinite(one.temperatureC) || !Number.isFinite(one.seconds))) {
    throw new DomainError({ code: 'not_a_number' }, 'samples', samples);
  }
  const span = samples.length > 0 ? samples.at(-1)!.seconds - samples[0]!.seconds : 0;
  if (samples.length < LEAST_SAMPLES || span < LEAST_SECONDS) return undefined;
  const fit = fitTable(samples);
  const isKnown =
    fit.sdC < SETTLED_SD_C && span >= INSTRUMENTS.settledTimeConstants * fit.timeConstantS;
  return { ...fit, isSettled: isKnown && isSteady(samples, fit.finalC) };
}
