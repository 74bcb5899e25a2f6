import { analyseGlide, type GlideTest } from '../glide';
import {
  additiveVerdict,
  houseLines,
  ledger,
  neededAdditives,
  type GlideProduct,
  type OutingFacts,
  type OwnCorrection,
  type SnowConditions,
} from '../wax';
import { labelShape } from '../wax/loss';
import { LEARN } from './figures';
import type { Feel, LearnResult, TestedWax } from './types';

/** Where and for what a result was. */
export interface ResultPlace {
  id: string;
  venueId: string;
  outing: OutingFacts;
}

interface DayAsked extends ResultPlace {
  snow: SnowConditions;
  own: OwnCorrection;
}

/** The day as the house's ledger has it. */
function dayOf({ id, venueId, outing, snow, own }: DayAsked, snowSdC: number) {
  const house = ledger(snow, outing, { ...own, learned: undefined });
  return {
    id,
    venueId,
    equivalentC: house.equivalentTemperatureC,
    lines: houseLines(house.lines),
    snowSdC,
  };
}

const named = (products: readonly GlideProduct[]) =>
  new Map(products.map((one) => [one.name.trim().toLowerCase(), one]));

/** The waxes of a test by the names of the shelf; those that are not on it are left out. */
export function waxesOf(skis: readonly string[], products: readonly GlideProduct[]) {
  const byName = named(products);
  return skis.flatMap((ski) => {
    const product = byName.get(ski.trim().toLowerCase());
    return product ? [{ ski, product }] : [];
  });
}

/**
 * A glide test as a result: the waxes that are on the shelf against the first of them, in % of friction. Undefined
 * where fewer than two are known, without snow, or where the runs do not tell a friction.
 */
export function resultOfTest(
  test: GlideTest,
  {
    skis,
    snow,
    products,
    ...place
  }: ResultPlace & {
    skis: readonly string[];
    snow: SnowConditions;
    own: OwnCorrection;
    products: readonly GlideProduct[];
  },
): LearnResult | undefined {
  const waxes = waxesOf(skis, products);
  const [first] = waxes;
  if (!first || waxes.length < 2 || test.runs.length === 0) return undefined;
  const { differences } = analyseGlide(test);
  const needed = neededAdditives(snow);
  const shapeOf = ({ labelLowC, labelHighC, additives }: GlideProduct) =>
    labelShape(labelLowC, labelHighC, additiveVerdict(additives, needed).penaltyPercent);
  const others = waxes.slice(1).flatMap(({ ski, product }): TestedWax[] => {
    const one = differences.find(({ a, b }) => a === first.ski && b === ski);
    const back = differences.find(({ a, b }) => a === ski && b === first.ski);
    const between = (one ?? back)?.frictionPercent;
    if (!between) return [];
    return [
      {
        shape: shapeOf(product),
        percent: one ? between.estimate : -between.estimate,
        sdPercent: (between.high - between.low) / LEARN.intervalSds,
      },
    ];
  });
  if (others.length === 0) return undefined;
  const day = dayOf({ ...place, snow }, snow.temperatureSdC ?? LEARN.readingSdC);
  return { ...day, kind: 'test', first: shapeOf(first.product), others };
}

/** Spread of what the snow of a choice was, °C: what is left of the whole without the ledger's own. */
export function choiceSnowSdC(
  { snow, outing, own }: Pick<DayAsked, 'snow' | 'outing' | 'own'>,
  equivalentSdC: number | undefined,
): number {
  // Choices from before it was kept.
  if (equivalentSdC === undefined) return LEARN.readingSdC;
  const { modelSdC } = ledger(snow, outing, own);
  return Math.sqrt(Math.max(0, equivalentSdC ** 2 - modelSdC ** 2));
}

/**
 * How a choice turned out as a result. The ledger is taken back to the house's, whatever had been learned when it was
 * made. Undefined where nobody could tell, or where the label of the wax is not known any more.
 */
export function resultOfOutcome(
  feel: Feel,
  {
    equivalentC,
    equivalentSdC,
    product,
    ...asked
  }: DayAsked & {
    /** As the choice had it, with what was learned then. */
    equivalentC: number;
    /** Absent in choices from before it was kept. */
    equivalentSdC: number | undefined;
    product: GlideProduct | undefined;
  },
): LearnResult | undefined {
  if (!product || feel === 'cannot_tell') return undefined;
  const then = ledger(asked.snow, asked.outing, asked.own);
  const snowSdC = choiceSnowSdC(asked, equivalentSdC);
  const day = dayOf(asked, snowSdC);
  return {
    ...day,
    equivalentC: day.equivalentC + equivalentC - then.equivalentTemperatureC,
    kind: 'outcome',
    feel,
    shape: labelShape(product.labelLowC, product.labelHighC),
  };
}
