import {
  casesFromReading,
  formAdvice,
  rank,
  structureWork,
  type FormAdvice,
  type RankedChoice,
  type StructureWork,
} from '../choice';
import { chooseGrip, type GripChoice } from '../grip';
import { ironTemperature, SHELF } from '../shelf';
import type { GuessReason } from '../snow';
import type { Additive } from '../terms';
import { hardness, type GlideProduct } from '../wax';
import { GRIP_KINDS, QUICK, type GripKindKey } from './figures';
import { quickOuting, quickSnow, type QuickInput } from './snow';

const OWN = { venueC: 0, handC: 0 };
const { stepK: STEP_K, ladder: LADDER } = QUICK;
const { ordinaryWidthK: LABEL_K } = SHELF;

/** The label to look for, with what its neighbours on a usual ladder would cost. */
export interface QuickLabel {
  lowC: number;
  highC: number;
  hardness: number;
  ironC: number;
  /** How often this block is the best of the ladder, 0…1. */
  probabilityBest: number;
  /** What the next softer and the next harder block would cost more, s over the outing. */
  softerSeconds: number;
  harderSeconds: number;
}

export interface QuickGrip extends Pick<GripChoice, 'kind' | 'layers' | 'needsBinder'> {
  /** The kind of a usual ladder that fits best. */
  key: GripKindKey;
  lowC: number;
  highC: number;
}

/** The quick answer: what to look for, how to put it on, how sure. */
export interface QuickAnswer {
  demand: Omit<RankedChoice, 'ranking'>;
  distanceKm: number;
  guess: GuessReason | undefined;
  label: QuickLabel;
  /** Additives to look for. */
  additives: Additive[];
  form: FormAdvice;
  structureWork: StructureWork;
  /** Classic alone. */
  grip: QuickGrip | undefined;
}

const block = (centreC: number, additives: readonly Additive[]): GlideProduct => ({
  id: String(centreC),
  name: String(centreC),
  labelLowC: centreC - 0.5 * LABEL_K,
  labelHighC: centreC + 0.5 * LABEL_K,
  additives,
  form: 'block',
});

/** Which grip wax of a usual ladder fits; undefined off classic. */
function gripOf(input: QuickInput): QuickGrip | undefined {
  if (input.discipline !== 'classic') return undefined;
  const kinds = Object.entries(GRIP_KINDS).map(([id, { role, lowC, highC }]) => ({
    id,
    name: id,
    role,
    labelLowC: lowC,
    labelHighC: highC,
  }));
  const { kind, layers, needsBinder, ranking } = chooseGrip(quickSnow(input).snow, {
    outing: quickOuting(input),
    products: kinds,
  });
  const key = ranking[0]!.id as GripKindKey;
  const { lowC, highC } = GRIP_KINDS[key];
  return { kind, layers, needsBinder, key, lowC, highC };
}

/**
 * What to look for on this snow, without a shelf, an outing or a venue: the label of ordinary width with the least
 * expected loss, against a usual ladder about it. Snow out of the ledger's range: DomainError.
 */
export function quickAnswer(input: QuickInput): QuickAnswer {
  const { snow, guess } = quickSnow(input);
  const outing = quickOuting(input);
  const question = { cases: casesFromReading(snow), outing, own: OWN };
  const ranked = (centres: readonly number[], additives: readonly Additive[]) =>
    rank({ ...question, products: centres.map((centre) => block(centre, additives)) });
  const { ranking: _, ...demand } = ranked([0], []);
  const additives = demand.additives.map((one): Additive => one.additive);
  const middle = Math.round(demand.equivalentTemperatureC / LADDER.tryK) * LADDER.tryK;
  const reach = Array.from(
    { length: 1 + (2 * LADDER.reachK) / LADDER.tryK },
    (__, i) => middle - LADDER.reachK + i * LADDER.tryK,
  );
  const bestC = Number(ranked(reach, additives).ranking[0]!.id);
  const steps = Array.from({ length: 2 * LADDER.steps + 1 }, (__, i) => i - LADDER.steps);
  const ladder = ranked(
    steps.map((step) => bestC + step * STEP_K),
    additives,
  );
  const at = (step: number) =>
    ladder.ranking.find((one) => one.id === String(bestC + step * STEP_K))!;
  const found = block(bestC, additives);
  const own = hardness(bestC);
  return {
    demand,
    distanceKm: outing.distanceKm,
    guess,
    label: {
      lowC: found.labelLowC,
      highC: found.labelHighC,
      hardness: own,
      ironC: ironTemperature(found).value,
      probabilityBest: at(0).probabilityBest,
      softerSeconds: at(1).expectedLossSeconds - at(0).expectedLossSeconds,
      harderSeconds: at(-1).expectedLossSeconds - at(0).expectedLossSeconds,
    },
    additives,
    form: formAdvice(
      { hoursLeft: QUICK.hoursLeft, ventilated: true, tools: ['ski_iron'], baseType: 'sintered' },
      outing,
      { hardness: own },
    ),
    structureWork: structureWork(demand.structure, demand.snow),
    grip: gripOf(input),
  };
}

/** One's own blocks ranked for this snow, the best first. No block at all: DomainError `empty_shelf`. */
export const rankOwn = (input: QuickInput, products: readonly GlideProduct[]) =>
  rank({
    cases: casesFromReading(quickSnow(input).snow),
    outing: quickOuting(input),
    own: OWN,
    products,
  });
