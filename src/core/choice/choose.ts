import { baseFriction, lossInSeconds } from '../friction';
import { MODEL_VERSION } from '../model-version';
import {
  cautionsFor,
  type ChoiceCaution,
  glidedSnow,
  hardness,
  ledger,
  neededAdditives,
  structureFor,
  type Ledger,
  type LedgerLine,
  type NeededAdditive,
  type SnowConditions,
  type Structure,
} from '../wax';
import { bestBlend, type Blend } from './blend';
import { byAirOf, type ByAir } from './by-air';
import type { SnowCases } from './cases';
import { demandsOf, type CaseDemands } from './demands';
import { NO_NUDGE } from './nudge';
import { learnedEffect, type LearnedEffect } from './learned-effect';
import { layersFor, type LayerPlan } from './layers';
import type { ChoiceQuestion, DemandQuestion, RankQuestion } from './question';
import { withModelSpread } from './model-spread';
import { rankOverCases, type RobustRanked, type RobustRanking } from './ranking';
import { regretTable, type RegretRow } from './regret';
import { spectrumOf } from './spectrum';
import { structureWork, type StructureWork } from './structure-work';
import { meanOver, typicalSnow } from './typical-snow';
import { windowVerdict, type WindowVerdict } from './window';

/** What the conditions ask for, before any product is looked at. */
export interface Demand extends Ledger {
  snow: SnowConditions;
  /** Spread of the equivalent temperature, °C: of the snow and of the ledger itself, combined. */
  equivalentSdC: number;
  spread: { snowC: number; modelC: number };
  hardness: number;
  additives: NeededAdditive[];
  structure: Structure;
}

/** The shelf ranked for what the conditions ask for. */
export interface RankedChoice extends Demand {
  ranking: RobustRanked[];
  cautions: ChoiceCaution[];
  /** What one per cent of glide is over this outing, s. */
  secondsPerPercent: number;
  modelVersion: string;
}

/** The choice in full, for the cases and nudges it was asked for. */
export interface RobustChoice extends RankedChoice {
  structureWork: StructureWork;
  /** Expected loss of the best over perfect knowledge of the day, %. */
  regretPercent: number;
  regret: RegretRow[];
  window: WindowVerdict | undefined;
  blend: Blend | undefined;
  byAir: ByAir | undefined;
  /** Where tests and outcomes have moved the ledger. */
  learned: LearnedEffect | undefined;
  layerPlan: LayerPlan;
}

/** What the day asks for: equivalent temperature, hardness, additives, structure. Errors as {@link choose}. */
export function demandOf({ cases, outing, own, nudge = NO_NUDGE }: DemandQuestion): Demand {
  const snow = typicalSnow(cases, nudge);
  const sum = ledger(snow, outing, own);
  const bySnow = demandsOf(cases, { outing, own, nudge });
  const mean = meanOver(cases, (i) => bySnow.equivalentC[i]!);
  const snowSdC = Math.sqrt(meanOver(cases, (i) => (bySnow.equivalentC[i]! - mean) ** 2));
  const equivalentTemperatureC = cases.reading ? sum.equivalentTemperatureC : mean;
  return {
    ...sum,
    lines: cases.reading ? sum.lines : linesToMean(sum, mean),
    equivalentTemperatureC,
    snow,
    equivalentSdC: Math.hypot(snowSdC, sum.modelSdC),
    spread: { snowC: snowSdC, modelC: sum.modelSdC },
    hardness: hardness(equivalentTemperatureC),
    additives: neededAdditives(snow),
    structure: structureFor(snow),
  };
}

/**
 * Lines that add up to the mean over the cases: what the mean of all snow differs from the sum for mean snow is in
 * the temperature, as the cases' own.
 */
const linesToMean = ({ lines, equivalentTemperatureC }: Ledger, meanC: number): LedgerLine[] =>
  lines.map((line) =>
    line.key === 'temperature'
      ? { ...line, valueC: line.valueC + meanC - equivalentTemperatureC }
      : line,
  );

function ranked(question: RankQuestion): {
  choice: RankedChoice;
  /** The cases with the ledger's own ignorance, and what each asks for. */
  wide: SnowCases;
  demands: CaseDemands;
  perfectPercent: RobustRanking['perfectPercent'];
} {
  const { outing, own, nudge, products } = question;
  const demand = demandOf(question);
  const wide = withModelSpread(question.cases, demand.modelSdC);
  const demands = demandsOf(wide, { outing, own, nudge });
  const { equivalentTemperatureC, additives, snow } = demand;
  const friction = baseFriction(glidedSnow(snow));
  const seconds = lossInSeconds(outing, friction);
  const { ranking, perfectPercent } = rankOverCases(
    {
      cases: wide,
      demands,
      outing,
      needed: additives,
      seconds,
      likelyEquivalentC: equivalentTemperatureC,
    },
    products,
  );
  const cautions = cautionsFor(snow, { outing, equivalentTemperatureC, products, ranking });
  return {
    choice: {
      ...demand,
      ranking,
      cautions,
      secondsPerPercent: seconds(1),
      modelVersion: MODEL_VERSION,
    },
    wide,
    demands,
    perfectPercent,
  };
}

/** The ranking alone, for an answer while one types. Errors as {@link choose}. */
export const rank = (question: RankQuestion): RankedChoice => ranked(question).choice;

/**
 * The whole choice over an ensemble: the shelf ranked by expected loss over members, segments and the start window,
 * with the ledger of the middle of it, regret, window, blend, layers and what the air would have said. Pure.
 * An empty shelf, a swapped label or values outside the ledger's ranges: DomainError.
 */
export function choose(question: ChoiceQuestion): RobustChoice {
  const { cases, outing, own, products, shelf } = question;
  const { choice, wide, demands, perfectPercent } = ranked(question);
  const { ranking, snow, structure } = choice;
  const spectrum = spectrumOf(wide, demands);
  const best = ranking.find((one) => !one.excluded);
  const taken = ranking.find((one) => one.id === question.takenId && !one.excluded) ?? best;
  const winner = products.find((one) => one.id === taken?.id);
  const day = {
    equivalentTemperatureC: choice.equivalentTemperatureC,
    sharpness: snow.sharpness ?? 0,
    isAbrasiveTrack: snow.wetness === 'dry' && (snow.origin === 'machine_made' || snow.glazed),
    baseState: question.baseState,
  };
  return {
    ...choice,
    structureWork: structureWork(structure, snow),
    regretPercent: best ? best.expectedLossPercent - perfectPercent : 0,
    regret: regretTable({ cases: wide, likely: spectrum, products, outing, own, ranking }),
    window: windowVerdict(cases.timesMs, ranking),
    blend: bestBlend(spectrum, products, ranking),
    byAir: byAirOf(question, { ranking, modelSdC: choice.modelSdC }),
    learned:
      own.learned &&
      learnedEffect(
        own.learned,
        choice,
        rank({ ...question, own: { ...own, learned: undefined } }),
      ),
    layerPlan: winner ? layersFor(winner, { shelf, outing, day }) : { layers: [], missing: [] },
  };
}
