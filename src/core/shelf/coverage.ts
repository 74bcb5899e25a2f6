import type { Additive } from '../terms';
import {
  equivalentGrid,
  glideLossPercent,
  labelShape,
  needBits,
  penaltiesByNeeds,
  type AdditiveNeed,
  type GlideProduct,
} from '../wax';
import { SHELF } from './figures';

/** Kinds of snow a shelf has to serve, by what they ask of an additive; the choice asks the same. */
export const SNOW_KINDS = ['plain', 'lubricant', 'repellent', 'both'] as const;
export type SnowKind = (typeof SNOW_KINDS)[number];

const NEEDS: Record<SnowKind, number> = {
  plain: needBits(false, false),
  lubricant: needBits(false, true),
  repellent: needBits(true, false),
  both: needBits(true, true),
};

/** The kind of snow that needs these additives. */
export function kindOf(needed: readonly AdditiveNeed[]): SnowKind {
  const needs = needBits(needed.includes('water_repellent'), needed.includes('dry_lubricant'));
  return SNOW_KINDS.find((kind) => NEEDS[kind] === needs)!;
}

const [COVERAGE_LOW_C, COVERAGE_HIGH_C] = SHELF.coverageC;
const { coverageStepC: STEP_C, daySpreadC: DAY_SPREAD_C } = SHELF;
/** An expected loss above this is a hole, %. */
export const HOLE_PERCENT = SHELF.holePercent;

export interface CoverageRow {
  kind: SnowKind;
  /** Best expected loss, %, and whose it is, along the grid. */
  lossPercent: number[];
  bestId: (string | undefined)[];
}

export interface Hole {
  kind: SnowKind;
  fromC: number;
  toC: number;
  worstPercent: number;
}

export interface Coverage {
  gridC: number[];
  rows: CoverageRow[];
  holes: Hole[];
}

type Labelled = Pick<GlideProduct, 'id' | 'labelLowC' | 'labelHighC' | 'additives'>;

/** Expected loss of a wax at an equivalent temperature known to about a degree, %. */
function lossAt(wax: Labelled, equivalentC: number, kind: SnowKind): number {
  const shape = labelShape(wax.labelLowC, wax.labelHighC);
  const spread = [-DAY_SPREAD_C, 0, DAY_SPREAD_C].map((d) =>
    glideLossPercent(equivalentC + d, shape),
  );
  // Simpson's weights stand for a normal spread of this width.
  const total = SHELF.simpson.reduce((sum, weight) => sum + weight, 0);
  const mean = SHELF.simpson.reduce((sum, weight, i) => sum + weight * spread[i]!, 0) / total;
  return mean + penaltiesByNeeds(wax.additives)[NEEDS[kind]]!;
}

function holesOf(row: CoverageRow, gridC: readonly number[]): Hole[] {
  const holes: Hole[] = [];
  let open: Hole | undefined;
  row.lossPercent.forEach((loss, i) => {
    if (loss <= HOLE_PERCENT) open = undefined;
    else if (open) {
      open.toC = gridC[i]!;
      open.worstPercent = Math.max(open.worstPercent, loss);
    } else {
      open = { kind: row.kind, fromC: gridC[i]!, toC: gridC[i]!, worstPercent: loss };
      holes.push(open);
    }
  });
  return holes;
}

/**
 * Best expected loss of a shelf over equivalent temperature, −25…+8 °C, and kind of snow, with the holes in it.
 * An empty shelf is one hole throughout (losses are infinite).
 */
export function coverage(products: readonly Labelled[]): Coverage {
  const gridC = equivalentGrid(COVERAGE_LOW_C, COVERAGE_HIGH_C, STEP_C);
  const rows = SNOW_KINDS.map((kind): CoverageRow => {
    const lossPercent: number[] = [];
    const bestId: (string | undefined)[] = [];
    for (const t of gridC) {
      let least = Infinity;
      let id: string | undefined;
      for (const one of products) {
        const loss = lossAt(one, t, kind);
        if (loss < least) [least, id] = [loss, one.id];
      }
      lossPercent.push(least);
      bestId.push(id);
    }
    return { kind, lossPercent, bestId };
  });
  return { gridC, rows, holes: rows.flatMap((row) => holesOf(row, gridC)) };
}

/** An hour of a venue's weather as the shelf meets it. */
export interface ShelfDay {
  equivalentC: number;
  kind: SnowKind;
}

/** The wax that would help most if it were bought. */
export interface Purchase {
  labelLowC: number;
  labelHighC: number;
  additives: Additive[];
  /** Mean loss over the days with the shelf as it is, and with it, %. */
  beforePercent: number;
  afterPercent: number;
}

const { offeredWidthsK: OFFERED_WIDTHS_K } = SHELF;
const OFFERED_ADDITIVES: Additive[][] = [
  [],
  ['graphite'],
  ['water_repellent'],
  ['graphite', 'water_repellent'],
];
const { worstPercent: WORST_PERCENT, leastGainPercent: LEAST_GAIN_PERCENT } = SHELF;

/**
 * The one purchase (label range and additive) that lowers the mean loss over a venue's days most; undefined without
 * days, or when nothing bought would help.
 */
export function bestPurchase(
  products: readonly Labelled[],
  days: readonly ShelfDay[],
): Purchase | undefined {
  if (days.length === 0) return undefined;
  const now = days.map((day) =>
    products.reduce(
      (least, one) => Math.min(least, lossAt(one, day.equivalentC, day.kind)),
      WORST_PERCENT,
    ),
  );
  const beforePercent = now.reduce((sum, one) => sum + one, 0) / days.length;
  let best: Purchase | undefined;
  for (const widthK of OFFERED_WIDTHS_K) {
    for (const additives of OFFERED_ADDITIVES) {
      for (let low = COVERAGE_LOW_C; low + widthK <= COVERAGE_HIGH_C + 2; low += 1) {
        const offered = { id: 'offered', labelLowC: low, labelHighC: low + widthK, additives };
        const after =
          days.reduce(
            (sum, day, i) => sum + Math.min(now[i]!, lossAt(offered, day.equivalentC, day.kind)),
            0,
          ) / days.length;
        if (after < (best?.afterPercent ?? beforePercent - LEAST_GAIN_PERCENT)) {
          best = {
            labelLowC: offered.labelLowC,
            labelHighC: offered.labelHighC,
            additives,
            beforePercent,
            afterPercent: after,
          };
        }
      }
    }
  }
  return best;
}
