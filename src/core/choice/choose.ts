import { baseFriction, lossSeconds } from '../friction';
import { MODEL_VERSION } from '../model-version';
import {
  cautionsFor,
  effectiveSharpness,
  HOUSE_LIMITS,
  type ChoiceCaution,
  hardness,
  ledger,
  neededAdditives,
  structureFor,
  type Ledger,
  type NeededAdditive,
  type SnowConditions,
  type Structure,
} from '../wax';
import { bestBlend, type Blend } from './blend';
import { byAirOf, type ByAir } from './by-air';
import { demandsOf, NO_NUDGE, type CaseDemands } from './demands';
import { layersFor, type LayerPlan } from './layers';
import type { ChoiceQuestion, DemandQuestion, RankQuestion } from './question';
import { rankOverCases, type RobustRanked, type RobustRanking } from './ranking';
import { regretTable, type RegretRow } from './regret';
import { spectrumOf } from './spectrum';
import { structureWork, type StructureWork } from './structure-work';
import { meanOver, typicalSnow } from './typical-snow';
import { windowVerdict, type WindowVerdict } from './window';

/** What the conditions ask for, before any product is looked at. */
export interface Demand extends Ledger {
  snow: SnowConditions;
  /** One-sigma spread of the equivalent temperature over all cases, °C. */
  equivalentSdC: number;
  hardness: number;
  additives: NeededAdditive[];
  structure: Structure;
}

/** The shelf ranked for what the conditions ask for. */
export interface RankedChoice extends Demand {
  ranking: RobustRanked[];
  cautions: ChoiceCaution[];
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
  layerPlan: LayerPlan;
}

function asked({ cases, outing, own, nudge = NO_NUDGE }: DemandQuestion): {
  demand: Demand;
  demands: CaseDemands;
} {
  const snow = typicalSnow(cases, nudge);
  const demands = demandsOf(cases, { outing, own, nudge });
  const sum = ledger(snow, outing, own);
  const mean = meanOver(cases, (i) => demands.equivalentC[i]!);
  const variance = meanOver(cases, (i) => (demands.equivalentC[i]! - mean) ** 2);
  const demand: Demand = {
    ...sum,
    snow,
    equivalentSdC: Math.sqrt(variance),
    hardness: hardness(sum.equivalentTemperatureC),
    additives: neededAdditives(snow),
    structure: structureFor(snow),
  };
  return { demand, demands };
}

/** What the day asks for: equivalent temperature, hardness, additives, structure. Errors as {@link choose}. */
export const demandOf = (question: DemandQuestion): Demand => asked(question).demand;

/** Friction that the ideal wax of the day would have. */
const idealFriction = (snow: SnowConditions): number =>
  baseFriction({
    temperatureC: snow.temperatureC,
    waterPercent: HOUSE_LIMITS.waterPercent[snow.wetness],
    sharpness: effectiveSharpness(snow),
  });

function ranked(question: RankQuestion): {
  choice: RankedChoice;
  demands: CaseDemands;
  perfectPercent: RobustRanking['perfectPercent'];
} {
  const { cases, outing, products } = question;
  const { demand, demands } = asked(question);
  const { equivalentTemperatureC, additives, snow } = demand;
  const friction = idealFriction(snow);
  const seconds = (lossPercent: number) => lossSeconds(outing, friction, lossPercent);
  const { ranking, perfectPercent } = rankOverCases(
    {
      cases,
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
    choice: { ...demand, ranking, cautions, modelVersion: MODEL_VERSION },
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
  const { choice, demands, perfectPercent } = ranked(question);
  const { ranking, snow, structure } = choice;
  const spectrum = spectrumOf(cases, demands);
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
    regret: regretTable({ cases, likely: spectrum, products, outing, own, ranking }),
    window: windowVerdict(cases.timesMs, ranking),
    blend: bestBlend(spectrum, products, ranking),
    byAir: byAirOf(question, ranking),
    layerPlan: winner ? layersFor(winner, { shelf, outing, day }) : { layers: [], missing: [] },
  };
}
