'use client';

import { useMemo } from 'react';
import { Box } from '@chakra-ui/react';
import type { Data, Layout } from 'plotly.js';
import {
  equivalentGrid,
  lossCurves,
  type LossCurve,
  type SnowConditions,
  type GlideProduct,
} from '@/core/wax';
import type { RobustChoice } from '@/core/choice';
import { Chart, useChartInks, type ChartInks } from '@/ui/charts/chart';
import { fixed, temperatureUnit, temperatureValue } from '@/words/quantities';
import type { Units } from '@/words/units';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Disclosure } from '@/ui/frame/disclosure';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.lossChart;

const TOP = 4;
const HALF_WIDTH_C = 7;
const STEP_C = 0.25;
const TABLE_EVERY = 8;
/** Lines are told apart by dash, weight and their name at the end, not by colour. */
const DASHES = ['solid', 'dash', 'dot', 'dashdot'] as const;

/** What of a choice the chart draws. */
type Drawn = Pick<
  RobustChoice,
  'ranking' | 'equivalentTemperatureC' | 'equivalentSdC' | 'additives'
>;

interface LossChartProps {
  result: Drawn;
  snow: SnowConditions;
  products: readonly GlideProduct[];
}

/** Expected loss against equivalent temperature for the top products, with today on it. */
export function LossChart({ result, snow, products }: LossChartProps) {
  const units = useUnits();
  const inks = useChartInks();
  const { grid, curves } = useMemo(() => {
    const top = result.ranking
      .filter((one) => !one.excluded)
      .slice(0, TOP)
      .map((one) => products.find((product) => product.id === one.id)!)
      .filter(Boolean);
    const middle = Math.round(result.equivalentTemperatureC);
    const points = equivalentGrid(middle - HALF_WIDTH_C, middle + HALF_WIDTH_C, STEP_C);
    return {
      grid: points,
      curves: lossCurves(top, {
        snow,
        temperatureSdC: result.equivalentSdC,
        needed: result.additives,
        gridC: points,
      }),
    };
  }, [result, snow, products]);
  const { data, layout } = draw(grid, { curves, result, units, inks });
  const label = WORDS.lossChartLabel(
    curves.map((one) => one.name).join(', '),
    fixed(temperatureValue(result.equivalentTemperatureC, units)),
    temperatureUnit(units),
  );
  return (
    <Box>
      <Chart label={label} data={data} layout={layout} height={340} />
      <CurveTable grid={grid} curves={curves} units={units} />
    </Box>
  );
}

function draw(
  grid: readonly number[],
  {
    curves,
    result,
    units,
    inks,
  }: { curves: readonly LossCurve[]; result: Drawn; units: Units; inks: ChartInks },
): { data: Data[]; layout: Partial<Layout> } {
  const shownGrid = grid.map((t) => temperatureValue(t, units));
  const today = temperatureValue(result.equivalentTemperatureC, units);
  const [low, high] = [-1.28, 1.28].map((z) =>
    temperatureValue(result.equivalentTemperatureC + z * result.equivalentSdC, units),
  ) as [number, number];
  const atToday = curves.map((curve) => curve.lossPercent[Math.floor(grid.length / 2)]!);
  const top = Math.max(1.5, Math.min(6, Math.max(...atToday) * 2.5));
  const data: Data[] = curves.map((curve, i) => ({
    type: 'scatter',
    mode: 'lines',
    name: curve.name,
    x: shownGrid,
    y: curve.lossPercent,
    line: { color: i === 0 ? inks.action : inks.ink, width: i === 0 ? 4 : 2, dash: DASHES[i]! },
    hovertemplate: `${curve.name}: %{y:.2f} %<extra></extra>`,
  }));
  return {
    data,
    layout: {
      xaxis: {
        title: { text: WORDS.equivalentTemperature(temperatureUnit(units)) },
        range: [shownGrid[0]!, shownGrid.at(-1)!],
      },
      yaxis: { title: { text: WORDS.expectedGlideLoss }, range: [0, top] },
      shapes: [
        {
          type: 'rect',
          x0: low,
          x1: high,
          y0: 0,
          y1: 1,
          yref: 'paper',
          fillcolor: inks.action,
          opacity: 0.14,
          line: { width: 0 },
        },
        {
          type: 'line',
          x0: today,
          x1: today,
          y0: 0,
          y1: 1,
          yref: 'paper',
          line: { color: inks.action, width: 2 },
        },
      ],
      annotations: [
        {
          x: today,
          y: 1,
          yref: 'paper',
          text: WORDS.today80Band(fixed(today)),
          showarrow: false,
          xanchor: 'left',
          xshift: 6,
          yanchor: 'top',
          font: { color: inks.action, size: 14 },
        },
        ...directLabels(shownGrid, { curves, top, inks }),
      ],
    },
  };
}

/** Each curve's name where it leaves the top of the chart, on alternating heights. */
function directLabels(
  shownGrid: readonly number[],
  { curves, top, inks }: { curves: readonly LossCurve[]; top: number; inks: ChartInks },
) {
  return curves.map((curve, i) => {
    const level = top * (0.84 - 0.15 * i);
    const inside = curve.lossPercent.findIndex((loss) => loss <= level);
    const at = Math.max(2, inside);
    return {
      x: shownGrid[at]!,
      y: level,
      text: curve.name,
      showarrow: false,
      xanchor: 'left' as const,
      xshift: 4,
      bgcolor: inks.sheet,
      font: { color: i === 0 ? inks.action : inks.ink, size: 14 },
    };
  });
}

function CurveTable(props: {
  grid: readonly number[];
  curves: readonly LossCurve[];
  units: Units;
}) {
  const { grid, curves, units } = props;
  return (
    <Disclosure title={WORDS.asTable}>
      <DataTable
        caption={WORDS.lossTable}
        columns={[
          { title: WORDS.equivalent(temperatureUnit(units)), isNumber: true },
          ...curves.map((curve) => ({ title: curve.name, isNumber: true })),
        ]}
        rows={grid
          .map((t, i) => ({ t, i }))
          .filter(({ i }) => i % TABLE_EVERY === 4)
          .map(({ t, i }) => ({
            key: String(i),
            cells: [
              fixed(temperatureValue(t, units)),
              ...curves.map((curve) => fixed(curve.lossPercent[i]!, 2)),
            ],
          }))}
      />
    </Disclosure>
  );
}
