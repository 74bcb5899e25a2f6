import { MODEL_VERSION } from '../model-version';
import { WETNESSES, type BaseState, type Wetness } from '../terms';
import type { TemperatureUnit } from '../units';
import {
  cautionsFor,
  hardness,
  isExcluded,
  ledger,
  neededAdditives,
  structureFor,
  type GlideProduct,
  type Ledger,
  type NeededAdditive,
  type OutingFacts,
  type OwnCorrection,
  type RankedProduct,
  type SnowConditions,
  type Structure,
} from '../wax';
import { bestBlend, type Blend } from './blend';
import { casesByAir, thinned, type SnowCases } from './cases';
import { demandsOf, NO_NUDGE, type Nudge } from './demands';
import { layersFor, type LayerPlan, type RoledProduct } from './layers';
import { rankOverCases, type RobustRanked } from './ranking';
import { regretTable, type RegretRow } from './regret';
import { spectrumLoss, spectrumOf, spectrumPerfect } from './spectrum';
import { structureWork, type StructureWork } from './structure-work';
import { windowVerdict, type WindowVerdict } from './window';

/** What going by the air's temperature would have chosen, and its true cost. */
export interface ByAir {
  id: string;
  name: string;
  airTemperatureC: number;
  /** Expected loss of that choice in the snow there is, %, and over the best. */
  lossPercent: number;
  costPercent: number;
}

/** The choice in full, for the cases and nudges it was asked for. */
export interface RobustChoice extends Ledger {
  snow: SnowConditions;
  /** One-sigma spread of the equivalent temperature over all cases, °C. */
  equivalentSdC: number;
  hardness: number;
  additives: NeededAdditive[];
  structure: Structure;
  structureWork: StructureWork;
  ranking: RobustRanked[];
  /** Expected loss of the best over perfect knowledge of the day, %. */
  regretPercent: number;
  regret: RegretRow[];
  window: WindowVerdict | undefined;
  blend: Blend | undefined;
  byAir: ByAir | undefined;
  layerPlan: LayerPlan;
  cautions: string[];
  modelVersion: string;
}

export interface ChoiceQuestion {
  cases: SnowCases;
  outing: OutingFacts;
  own: OwnCorrection;
  /** Glide waxes to rank. */
  products: readonly GlideProduct[];
  /** The whole shelf for the layers. */
  shelf: readonly RoledProduct[];
  nudge?: Nudge;
  /** The ranking of the plain pick, where the cases are those of one reading and it is there already. */
  ranked?: readonly RankedProduct[];
  /** The product that is taken: the layers are built about it; the best where undefined or excluded. */
  takenId?: string;
  /** What the look over the base found; sound where undefined. */
  baseState?: BaseState;
  /** Of the sentences; the figures are always °C. */
  unit?: TemperatureUnit;
}

/** Weighted mean of a value over all cases: segments by length, members by weight, times evenly. */
function meanOver(cases: SnowCases, value: (i: number) => number): number {
  const { members, segments, timesMs, memberWeights } = cases;
  let sum = 0;
  for (let block = 0; block < timesMs.length * segments.length; block += 1) {
    const { share } = segments[block % segments.length]!;
    for (let m = 0; m < members; m += 1) {
      sum += share * memberWeights[m]! * value(block * members + m);
    }
  }
  return sum / timesMs.length;
}

/** The air is one number a place: every fourth member is more than enough. */
const MEMBERS_BY_AIR = 4;
const MIDDLE_OF_CASES = 0.5;

/** The wetness class that the middle case has. */
function middleWetness(cases: SnowCases, nudge: Nudge): Wetness {
  let reached = 0;
  for (const [k, word] of WETNESSES.entries()) {
    reached += meanOver(cases, (i) => Number(cases.wetness[i] === k));
    if (reached >= MIDDLE_OF_CASES) {
      const moved = k + nudge.wetnessSteps;
      return WETNESSES[Math.min(WETNESSES.length - 1, Math.max(0, moved))] ?? word;
    }
  }
  return 'dry';
}

/** The cases in one line: the snow as the ledger shows it. */
export function typicalSnow(cases: SnowCases, nudge: Nudge = NO_NUDGE): SnowConditions {
  const clamp = (value: number) => Math.min(1, Math.max(0, value));
  const mean = meanOver(cases, (i) => cases.temperatureC[i]!);
  const square = meanOver(cases, (i) => (cases.temperatureC[i]! - mean) ** 2);
  const longest = cases.segments.reduce((a, b) => (b.share > a.share ? b : a));
  const airs = cases.airTemperatureC;
  return {
    temperatureC: Math.min(0, mean + nudge.temperatureK),
    temperatureSdC: Math.sqrt(square),
    humidityFraction: clamp(meanOver(cases, (i) => cases.humidity[i]!) + nudge.humidity),
    airTemperatureC: airs.reduce((sum, one) => sum + one, 0) / airs.length,
    origin: longest.origin,
    sharpness: clamp(meanOver(cases, (i) => cases.sharpness[i]!) + nudge.sharpness),
    wetness: middleWetness(cases, nudge),
    dirt: cases.dirt,
    glazed: cases.glazed,
  };
}

/** The air's own choice, weighed in the snow there is. */
function byAirOf(question: ChoiceQuestion, ranking: readonly RobustRanked[]): ByAir | undefined {
  const { cases, outing, own, products, nudge } = question;
  const best = ranking.find((one) => !one.excluded);
  if (!best) return undefined;
  const air = casesByAir(thinned(cases, MEMBERS_BY_AIR));
  const spectrum = spectrumOf(
    air,
    demandsOf(air, outing, own, nudge && { ...nudge, temperatureK: 0 }),
  );
  const lossById = new Map(products.map((one) => [one.id, spectrumLoss(spectrum, one)]));
  const taken = ranking
    .filter((one) => !one.excluded)
    .reduce((a, b) => (lossById.get(b.id)! < lossById.get(a.id)! ? b : a));
  const airs = cases.airTemperatureC;
  return {
    id: taken.id,
    name: taken.name,
    airTemperatureC: airs.reduce((sum, one) => sum + one, 0) / airs.length,
    lossPercent: taken.expectedLossPercent,
    costPercent: taken.expectedLossPercent - best.expectedLossPercent,
  };
}

/**
 * The whole choice over an ensemble: the shelf ranked by expected loss over members, segments and the start window,
 * with the ledger of the middle of it, regret, window, blend, layers and what the air would have said. Pure.
 * An empty shelf, a swapped label or values outside the ledger's ranges: DomainError.
 */
export function choose(question: ChoiceQuestion): RobustChoice {
  const { cases, outing, own, products, shelf, nudge = NO_NUDGE, unit } = question;
  const snow = typicalSnow(cases, nudge);
  const demands = demandsOf(cases, outing, own, nudge);
  const needed = neededAdditives(snow);
  const sum = ledger(snow, outing, own);
  const mean = meanOver(cases, (i) => demands.equivalentC[i]!);
  const variance = meanOver(cases, (i) => (demands.equivalentC[i]! - mean) ** 2);
  const spectrum = spectrumOf(cases, demands);
  const { ranking, perfectPercent } = question.ranked
    ? {
        ranking: question.ranked.map((one) => ({
          ...one,
          lossByTime: cases.timesMs.map(() => one.expectedLossPercent),
        })),
        perfectPercent: spectrumPerfect(
          spectrum,
          products.filter((one) => !isExcluded(one, outing)),
        ),
      }
    : rankOverCases(cases, demands, products, outing, needed, sum.equivalentTemperatureC, unit);
  const best = ranking.find((one) => !one.excluded);
  const taken = ranking.find((one) => one.id === question.takenId && !one.excluded) ?? best;
  const winner = products.find((one) => one.id === taken?.id);
  const day = {
    equivalentTemperatureC: sum.equivalentTemperatureC,
    sharpness: snow.sharpness ?? 0,
    isAbrasiveTrack: snow.wetness === 'dry' && (snow.origin === 'machine_made' || snow.glazed),
    baseState: question.baseState,
  };
  const structure = structureFor(snow);
  return {
    ...sum,
    snow,
    equivalentSdC: Math.sqrt(variance),
    hardness: hardness(sum.equivalentTemperatureC),
    additives: needed,
    structure,
    structureWork: structureWork(structure, snow),
    ranking,
    regretPercent: best ? best.expectedLossPercent - perfectPercent : 0,
    regret: regretTable(cases, spectrum, products, outing, own, ranking),
    window: windowVerdict(cases.timesMs, ranking),
    blend: bestBlend(spectrum, products, ranking),
    byAir: byAirOf(question, ranking),
    layerPlan: winner ? layersFor(winner, shelf, outing, day) : { layers: [], missing: [] },
    cautions: cautionsFor(snow, outing, sum.equivalentTemperatureC, products, ranking, unit),
    modelVersion: MODEL_VERSION,
  };
}
