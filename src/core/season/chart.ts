import { casesFromReading, rank } from '../choice';
import { WETNESSES, type Grain, type Origin, type Wetness } from '../terms';
import type { GlideProduct, OutingFacts, OwnCorrection, SnowConditions } from '../wax';
import { SEASON } from './figures';

/** Kinds of snow that a chart has a column for. */
export const CHART_SNOWS = ['new_dry', 'new_moist', 'old', 'machine_made'] as const;
export type ChartSnow = (typeof CHART_SNOWS)[number];

const SNOW_OF: Readonly<
  Record<ChartSnow, { grain: Grain; origin: Origin; humidityFraction: number }>
> = {
  new_dry: { grain: 'PP', origin: 'natural', humidityFraction: SEASON.dryAir },
  new_moist: { grain: 'PP', origin: 'natural', humidityFraction: SEASON.moistAir },
  old: { grain: 'RG', origin: 'natural', humidityFraction: SEASON.middlingAir },
  machine_made: { grain: 'MM', origin: 'machine_made', humidityFraction: SEASON.middlingAir },
};

/** One place of a chart: what would be taken, and how often that would be best. */
export interface ChartCell {
  productId: string;
  name: string;
  equivalentC: number;
  probabilityBest: number;
}

export interface VenueChart {
  /** By snow temperature, the coldest first; a cell for each kind of snow. */
  dry: { temperatureC: number; cells: ChartCell[] }[];
  /** Snow with water, at 0 °C. */
  wet: { wetness: Wetness; cell: ChartCell }[];
}

/**
 * A venue's own table: which product of the shelf for which snow, by the ledger as it was learned there, for one kind
 * of outing. Empty without glide waxes.
 */
export function venueChart(
  products: readonly GlideProduct[],
  { outing, own }: { outing: OutingFacts; own: OwnCorrection },
): VenueChart {
  if (products.length === 0) return { dry: [], wet: [] };
  const cellOf = (snow: Partial<SnowConditions> & Pick<SnowConditions, 'temperatureC'>) => {
    const conditions: SnowConditions = {
      ...SNOW_OF.old,
      temperatureSdC: SEASON.chartSdC,
      wetness: 'dry',
      dirt: 'clean',
      glazed: false,
      ...snow,
    };
    const cases = casesFromReading(conditions);
    const { ranking, equivalentTemperatureC } = rank({ cases, outing, own, products });
    const best = ranking.find((one) => !one.excluded) ?? ranking[0]!;
    return {
      productId: best.id,
      name: best.name,
      equivalentC: equivalentTemperatureC,
      probabilityBest: best.probabilityBest,
    };
  };
  const { chartFromC, chartToC, chartStepC } = SEASON;
  const count = Math.round((chartToC - chartFromC) / chartStepC);
  return {
    dry: Array.from({ length: count + 1 }, (_, k) => chartFromC + k * chartStepC).map(
      (temperatureC) => ({
        temperatureC,
        cells: CHART_SNOWS.map((kind) => cellOf({ temperatureC, ...SNOW_OF[kind] })),
      }),
    ),
    wet: WETNESSES.filter((wetness) => wetness !== 'dry').map((wetness) => ({
      wetness,
      cell: cellOf({ temperatureC: 0, wetness, grain: 'MF' }),
    })),
  };
}
