'use client';

import type { Data, Layout } from 'plotly.js';
import type { GripFit } from '@/core/grip';
import { Chart, useChartInks } from '@/ui/charts/chart';
import type { GapDraft } from './fit-draft';
import { gripScreenWords } from '@/words/screens/grip';
import { fixed } from '@/words/quantities';

const WORDS = gripScreenWords.pocketChart;

interface PocketChartProps {
  fit: GripFit;
  gaps: readonly GapDraft[];
}

/** The ski from the side: the gap under it at half and at full weight, with the zone on it. */
export function PocketChart({ fit, gaps }: PocketChartProps) {
  const inks = useChartInks();
  const points = gaps
    .filter((gap) => gap.positionCm !== undefined && gap.halfMm !== undefined)
    .sort((a, b) => a.positionCm! - b.positionCm!);
  const x = points.map((gap) => gap.positionCm!);
  const most = Math.max(0.6, ...points.map((gap) => gap.halfMm!)) * 1.25;
  const data: Data[] = [
    {
      type: 'scatter',
      mode: 'lines+markers',
      name: WORDS.halfWeight,
      x,
      y: points.map((gap) => gap.halfMm!),
      line: { color: inks.ink, width: 3 },
    },
    {
      type: 'scatter',
      mode: 'lines+markers',
      name: WORDS.fullWeight,
      x,
      y: points.map((gap) => gap.fullMm ?? 0),
      line: { color: inks.faint, width: 2, dash: 'dash' },
    },
  ];
  const { zone, klisterZone } = fit;
  const band = (
    from: number,
    { to, opacity, y1 }: { to: number; opacity: number; y1: number },
  ) => ({
    type: 'rect' as const,
    x0: from,
    x1: to,
    y0: 0,
    y1,
    yref: 'paper' as const,
    fillcolor: inks.action,
    opacity,
    line: { width: 0 },
  });
  const layout: Partial<Layout> = {
    xaxis: {
      title: { text: WORDS.fromTheHeelPlateForward },
      range: [Math.min(-15, zone.startCm - 10), Math.max(70, zone.endCm + 10)],
    },
    yaxis: { title: { text: WORDS.gapMm }, range: [0, most] },
    shapes: [
      ...(fit.closedAtFull ?? []).map((one) => ({
        type: 'line' as const,
        x0: one.startCm,
        x1: one.endCm,
        y0: 0,
        y1: 0,
        line: { color: inks.ink, width: 8 },
      })),
      band(zone.startCm, { to: zone.endCm, opacity: 0.14, y1: 1 }),
      ...(klisterZone
        ? [band(klisterZone.startCm, { to: klisterZone.endCm, opacity: 0.2, y1: 0.08 })]
        : []),
    ],
    annotations: [
      {
        x: (zone.startCm + zone.endCm) / 2,
        y: 1,
        yref: 'paper',
        yanchor: 'top',
        showarrow: false,
        text: WORDS.stickToCm(Math.round(zone.startCm), Math.round(zone.endCm)),
        font: { color: inks.action, size: 14 },
      },
      ...(klisterZone
        ? [
            {
              x: klisterZone.startCm,
              y: 0.09,
              yref: 'paper' as const,
              xanchor: 'left' as const,
              yanchor: 'bottom' as const,
              showarrow: false,
              text: WORDS.klisterToCm(
                Math.round(klisterZone.startCm),
                Math.round(klisterZone.endCm),
              ),
              font: { color: inks.action, size: 14 },
            },
          ]
        : []),
      ...(points.length > 1
        ? [
            {
              x: x.at(-1)!,
              y: points.at(-1)!.halfMm!,
              xanchor: 'left' as const,
              showarrow: false,
              text: WORDS.halfWeight,
              font: { color: inks.ink, size: 14 },
            },
          ]
        : []),
    ],
  };
  const label = WORDS.profileLabel(
    Math.round(zone.startCm),
    Math.round(zone.endCm),
    fit.pocketMm === undefined ? '' : WORDS.pocketMmHigh(fixed(fit.pocketMm, 2)),
  );
  return <Chart label={label} data={data} layout={layout} height={280} />;
}
