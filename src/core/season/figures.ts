import { valuesOf, type FigureTable } from '../figure';

/** House figures of the season's report and of the next year's chart. */
export const SEASON_FIGURES = {
  chartFromC: { mean: -20, unit: '°C', reason: 'Colder days are hardly raced.' },
  chartToC: { mean: -2, unit: '°C', reason: 'Warmer dry snow is about to be wet.' },
  chartStepC: { mean: 2, unit: '°C', reason: 'As fine as labels are.' },
  chartSdC: { mean: 1, unit: '°C', reason: 'A chart is read with a thermometer in the snow.' },
  dryAir: { mean: 0.45, unit: '1', reason: 'Dry air of a clear cold day.' },
  middlingAir: { mean: 0.65, unit: '1', reason: 'The usual.' },
  moistAir: { mean: 0.85, unit: '1', reason: 'Snowfall, or fog.' },
  leastSdC: { mean: 0.3, unit: '°C', reason: 'Afterwards too nobody knows the snow better.' },
  northStartMonth: { mean: 7, unit: 'month', reason: 'No snow of a season lies so early.' },
} as const satisfies FigureTable;

export const SEASON = valuesOf(SEASON_FIGURES);
