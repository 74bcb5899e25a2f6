'use client';

import type { Data, Layout } from 'plotly.js';
import { IRON, MAP_REGIONS, type IronAnswer } from '@/core/iron';
import { Chart, useChartInks } from '@/ui/charts/chart';
import { temperature, temperatureUnit, temperatureValue } from '@/words/quantities';
import { useUnits } from '@/ui/format/units-context';
import type { IronMap } from './use-iron-map';
import { ironScreenWords } from '@/words/screens/iron';

const WORDS = ironScreenWords.ironCharts;

/** Base and film of one point of the ski over all passes, with the line where a base is damaged. */
export function CourseChart({ answer }: { answer: IronAnswer }) {
  const units = useUnits();
  const inks = useChartInks();
  const t = (celsius: number) => temperatureValue(celsius, units);
  const x = answer.course.map((one) => one.timeS);
  const limit = t(IRON.warnBaseC);
  const data: Data[] = [
    {
      type: 'scatter',
      mode: 'lines',
      name: WORDS.film,
      x,
      y: answer.course.map((one) => t(one.filmC)),
      line: { color: inks.faint, width: 2, dash: 'dot' },
    },
    {
      type: 'scatter',
      mode: 'lines',
      name: WORDS.baseSurface,
      x,
      y: answer.course.map((one) => t(one.baseC)),
      line: { color: inks.action, width: 3 },
    },
  ];
  const last = answer.course.at(-1);
  const label = (y: number, text: string, color: string) => ({
    x: last?.timeS ?? 0,
    y,
    text,
    showarrow: false,
    xanchor: 'right' as const,
    yanchor: 'bottom' as const,
    font: { color, size: 14 },
  });
  const layout: Partial<Layout> = {
    xaxis: { title: { text: WORDS.timeS } },
    yaxis: { title: { text: WORDS.temperature(temperatureUnit(units)) }, rangemode: 'tozero' },
    shapes: [
      {
        type: 'line',
        xref: 'paper',
        x0: 0,
        x1: 1,
        y0: limit,
        y1: limit,
        line: { color: inks.danger, width: 2, dash: 'dash' },
      },
    ],
    annotations: [
      label(limit, WORDS.theBaseSoftens, inks.danger),
      ...(last ? [label(t(last.baseC), WORDS.baseSurface, inks.action)] : []),
    ],
  };
  const peak = Math.max(...answer.passes.map((one) => one.peakBaseC));
  return (
    <Chart
      label={WORDS.baseChartLabel(
        answer.passes.length,
        Math.round(t(peak)),
        temperatureUnit(units),
      )}
      data={data}
      layout={layout}
      height={280}
    />
  );
}

const regionWords = () => [WORDS.setsAtOnce, WORDS.good, WORDS.flowsTooFar, WORDS.harms];

/** Set temperature against pace, with the good region and today's point in it. */
export function MapChart({ map, setC, passS }: { map: IronMap; setC: number; passS: number }) {
  const units = useUnits();
  const inks = useChartInks();
  const y = map.setC.map((celsius) => temperatureValue(celsius, units));
  const z = map.regions.map((row) => (row.length > 0 ? row : map.passS.map(() => null)));
  const colours = [inks.paper, inks.action, inks.rule, inks.ink];
  const scale = colours.flatMap((colour, i): [number, string][] => [
    [i / 4, colour],
    [(i + 1) / 4, colour],
  ]);
  const data: Data[] = [
    {
      type: 'heatmap',
      x: map.passS,
      y,
      z: z as never,
      zmin: -0.5,
      zmax: MAP_REGIONS.length - 0.5,
      colorscale: scale,
      colorbar: {
        tickvals: [0, 1, 2, 3],
        ticktext: regionWords(),
        thickness: 12,
        outlinewidth: 0,
      },
      hovertemplate: '%{x:.1f} s, %{y:.0f}<extra></extra>',
    },
    {
      type: 'scatter',
      mode: 'markers',
      x: [passS],
      y: [temperatureValue(setC, units)],
      marker: {
        size: 16,
        color: inks.sheet,
        line: { color: inks.ink, width: 3 },
        symbol: 'circle',
      },
    },
  ];
  const layout: Partial<Layout> = {
    xaxis: { title: { text: WORDS.secondsAPass } },
    yaxis: { title: { text: WORDS.setTemperature(temperatureUnit(units)) } },
  };
  const good = map.regions.flat().filter((region) => region === 1).length;
  return (
    <Chart
      label={WORDS.mapLabel(good, map.regions.flat().length, passS, temperature(setC, units, 0))}
      data={data}
      layout={layout}
      height={320}
    />
  );
}
