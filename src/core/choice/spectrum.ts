import { glideLossPercent, labelShape, NEED_SETS, penaltiesByNeeds } from '../wax';
import type { SnowCases } from './cases';
import type { CaseDemands } from './demands';
import { CHOICE } from './figures';
import type { Labelled } from './losses';

/** Width of a bin, °C: the loss is a parabola, so that this errs by less than 1e-4 %. What lies outside shares an end bin. */
const { widthK: BIN_C, lowestC: LOWEST_C, highestC: HIGHEST_C } = CHOICE.bins;
const BINS = Math.ceil((HIGHEST_C - LOWEST_C) / BIN_C);

/**
 * All cases gathered by equivalent temperature and additive needs: enough for an expected loss, and a hundred
 * times shorter than the cases.
 */
export interface Spectrum {
  /** Mean equivalent temperature of each bin, °C, its weight (all sum to 1) and its needs. */
  equivalentC: Float64Array;
  weight: Float64Array;
  needs: Uint8Array;
}

/** Gathers demands by equivalent temperature. */
export function spectrumOf(cases: SnowCases, demands: CaseDemands): Spectrum {
  const { members, segments, timesMs, memberWeights } = cases;
  const weight = new Float64Array(BINS * NEED_SETS);
  const moment = new Float64Array(BINS * NEED_SETS);
  for (let block = 0; block < timesMs.length * segments.length; block += 1) {
    const share = segments[block % segments.length]!.share / timesMs.length;
    for (let m = 0; m < members; m += 1) {
      const i = block * members + m;
      const t = demands.equivalentC[i]!;
      const bin = Math.min(BINS - 1, Math.max(0, Math.floor((t - LOWEST_C) / BIN_C)));
      const at = bin * NEED_SETS + demands.needs[i]!;
      const w = share * memberWeights[m]!;
      weight[at] = weight[at]! + w;
      moment[at] = moment[at]! + w * t;
    }
  }
  const filled: number[] = [];
  for (let at = 0; at < weight.length; at += 1) if (weight[at]! > 0) filled.push(at);
  return {
    equivalentC: Float64Array.from(filled, (at) => moment[at]! / weight[at]!),
    weight: Float64Array.from(filled, (at) => weight[at]!),
    needs: Uint8Array.from(filled, (at) => at % NEED_SETS),
  };
}

/** What the best wax of each case would lose on average, %; 0 without any. */
export function spectrumPerfect(spectrum: Spectrum, waxes: readonly Labelled[]): number {
  const { equivalentC, weight, needs } = spectrum;
  const least = new Float64Array(weight.length).fill(Infinity);
  for (const wax of waxes) {
    const shape = labelShape(wax.labelLowC, wax.labelHighC);
    const penalties = penaltiesByNeeds(wax.additives);
    for (let i = 0; i < weight.length; i += 1) {
      const loss = glideLossPercent(equivalentC[i]!, shape) + penalties[needs[i]!]!;
      if (loss < least[i]!) least[i] = loss;
    }
  }
  return waxes.length === 0 ? 0 : weight.reduce((sum, w, i) => sum + w * least[i]!, 0);
}

/** Expected loss of a wax or a blend over a spectrum, %. A swapped label: DomainError. */
export function spectrumLoss(spectrum: Spectrum, wax: Labelled): number {
  const shape = labelShape(wax.labelLowC, wax.labelHighC);
  const penalties = penaltiesByNeeds(wax.additives);
  const { equivalentC, weight, needs } = spectrum;
  let sum = 0;
  for (let i = 0; i < weight.length; i += 1) {
    sum += weight[i]! * (glideLossPercent(equivalentC[i]!, shape) + penalties[needs[i]!]!);
  }
  return sum;
}
