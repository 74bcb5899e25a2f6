'use client';

import type { CourseData, Outing } from '@/core/model';
import { Box } from '@chakra-ui/react';
import type { Data, Layout } from 'plotly.js';
import type { OutlookCurves, StartSnow, WeatherSample } from '@/core/snow/outlook';
import { clearSkyGlobal, sunPosition } from '@/core/sun';
import { localFromInstant } from '@/core/time';
import { Chart, useChartInks, type ChartInks } from '@/ui/charts/chart';
import { differenceValue, fixed, temperatureUnit, temperatureValue } from '@/words/quantities';
import type { Units } from '@/words/units';
import { OutlookTable } from './outlook-table';
import { useUnits } from '@/ui/format/units-context';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.outlookChart;

interface OutlookChartProps {
  outing: Outing;
  curves: OutlookCurves;
  start: StartSnow | undefined;
  weather: readonly WeatherSample[];
  readings: CourseData['readings'];
}

/** Temperatures of the snow with their band, the air, the readings and the start; sky above. */
export function OutlookChart({
  outing,
  curves: outlook,
  start,
  weather,
  readings,
}: OutlookChartProps) {
  const units = useUnits();
  const inks = useChartInks();
  const { timeZone } = outing.venue;
  const onClock = (ms: number) => localFromInstant(new Date(ms).toISOString(), timeZone);
  const t = (values: number[]) => values.map((value) => temperatureValue(value, units));
  const x = outlook.timesMs.map(onClock);
  const band = outlook.contactTemperatureC;
  const data: Data[] = [
    ...skyTraces(weather, { outing, onClock, inks }),
    line('p90', { x, y: t(band.p90), style: { color: inks.action, width: 0 } }),
    {
      ...line(WORDS.n80BandOfTheSnow, {
        x,
        y: t(band.p10),
        style: { color: inks.action, width: 0 },
      }),
      fill: 'tonexty',
      fillcolor: `${inks.action}33`,
    },
    line(WORDS.snowMedian, { x, y: t(band.p50), style: { color: inks.action, width: 4 } }),
    line(WORDS.surfaceMedian, {
      x,
      y: t(outlook.surfaceTemperatureC.p50),
      style: {
        color: inks.action,
        width: 2,
        dash: 'dot',
      },
    }),
    line(WORDS.air, {
      x: weather.map((sample) => onClock(sample.timeMs)),
      y: t(weather.map((sample) => sample.airTemperatureC)),
      style: { color: inks.ink, width: 2, dash: 'dash' },
    }),
    {
      type: 'scatter',
      mode: 'markers',
      name: WORDS.readings,
      x: readings.map((one) => onClock(one.timeMs)),
      y: t(readings.map((one) => one.temperatureC)),
      error_y: {
        type: 'data',
        array: readings.map((one) => differenceValue(one.sdC, units)),
        color: inks.ink,
      },
      marker: {
        color: inks.sheet,
        size: 11,
        symbol: 'diamond',
        line: { color: inks.ink, width: 2 },
      },
      hovertemplate: `${WORDS.measuredHere} %{y:.1f}<extra></extra>`,
    },
  ];
  const startX = onClock(Date.parse(outing.startAt));
  return (
    <Box>
      <Chart
        label={WORDS.outlookLabel(x[0] ?? '', x.at(-1) ?? '', startX)}
        data={data}
        layout={layoutOf(startX, { x, outlook, start, weather, onClock, units, inks })}
        height={400}
      />
      <OutlookTable outlook={outlook} timeZone={timeZone} units={units} />
    </Box>
  );
}

function line(
  name: string,
  {
    x,
    y,
    style,
  }: { x: string[]; y: number[]; style: { color: string; width: number; dash?: 'dot' | 'dash' } },
) {
  return {
    type: 'scatter' as const,
    mode: 'lines' as const,
    name,
    x,
    y,
    line: style,
    hovertemplate: `${name}: %{y:.1f}<extra></extra>`,
  };
}

/** Top of the strip of the sky: room over a full cloud, and what the lines are stands on it. */
const SKY_TOP = 1.15;

/** Sun, cloud and precipitation in the strip above. */
function skyTraces(
  weather: readonly WeatherSample[],
  { outing, onClock, inks }: { outing: Outing; onClock: (ms: number) => string; inks: ChartInks },
): Data[] {
  const x = weather.map((sample) => onClock(sample.timeMs));
  const { latitude = 0, longitude = 0 } = outing.venue;
  const sun = weather.map(
    ({ timeMs }) => clearSkyGlobal(sunPosition(timeMs, latitude, longitude).altitudeDeg) / 1000,
  );
  const rain = weather.map((sample) => Math.min(1, (sample.precipitationMm ?? 0) / 3));
  return [
    {
      ...line(WORDS.sun, { x, y: sun, style: { color: inks.action, width: 2 } }),
      yaxis: 'y2',
      hovertemplate: `${WORDS.clearSkySun} %{y:.2f} kW/m²<extra></extra>`,
    },
    {
      ...line(WORDS.cloud, {
        x,
        y: weather.map((sample) => sample.cloudFraction),
        style: {
          color: inks.faint,
          width: 2,
          dash: 'dot',
        },
      }),
      yaxis: 'y2',
      hovertemplate: `${WORDS.cloud} %{y:.0%}<extra></extra>`,
    },
    {
      type: 'bar',
      name: WORDS.precipitation,
      x,
      y: rain,
      marker: { color: inks.ink },
      yaxis: 'y2',
      hovertemplate: `${WORDS.precipitation}<extra></extra>`,
    },
  ];
}

function layoutOf(
  startX: string,
  {
    x,
    outlook,
    start,
    weather,
    onClock,
    units,
    inks,
  }: {
    x: string[];
    outlook: OutlookCurves;
    start: StartSnow | undefined;
    weather: readonly WeatherSample[];
    onClock: (ms: number) => string;
    units: Units;
    inks: ChartInks;
  },
): Partial<Layout> {
  const label = (
    atX: string,
    { y, text, color, yref = 'y' }: { y: number; text: string; color: string; yref?: 'y' | 'y2' },
  ) => ({
    x: atX,
    y,
    yref,
    text,
    showarrow: false,
    xanchor: 'left' as const,
    yanchor: 'bottom' as const,
    font: { color, size: 14 },
  });
  const firstDay = weather.filter((one) => one.timeMs < weather[0]!.timeMs + DAY_MS);
  const warmest = firstDay.reduce((best, one) =>
    one.airTemperatureC > best.airTemperatureC ? one : best,
  );
  const snowAtWarmest = outlook.timesMs.findIndex((ms) => ms >= warmest.timeMs);
  const coldEdge = outlook.contactTemperatureC.p10[Math.max(0, snowAtWarmest)]!;
  return {
    margin: { l: 56, r: 16, t: 26, b: 56 },
    xaxis: { type: 'date', range: [x[0]!, x.at(-1)!], tickformat: '%H:%M\n%a %d %b' },
    yaxis: { title: { text: WORDS.temperature(temperatureUnit(units)) }, domain: [0, 0.76] },
    yaxis2: {
      domain: [0.82, 1],
      range: [0, SKY_TOP],
      showticklabels: false,
      fixedrange: true,
      zeroline: false,
      gridcolor: inks.rule,
    },
    shapes: [
      {
        type: 'line',
        x0: startX,
        x1: startX,
        y0: 0,
        y1: 1,
        yref: 'paper',
        line: { color: inks.ink, width: 2 },
      },
    ],
    annotations: [
      {
        ...label(onClock(warmest.timeMs), {
          y: temperatureValue(coldEdge, units),
          text: WORDS.snow80Band,
          color: inks.action,
        }),
        xanchor: 'center',
        yanchor: 'top',
        yshift: -6,
        bgcolor: inks.paper,
      },
      label(onClock(warmest.timeMs), {
        y: temperatureValue(warmest.airTemperatureC, units),
        text: WORDS.airNote,
        color: inks.ink,
      }),
      label(x[0]!, { y: SKY_TOP, text: WORDS.weatherLegend, color: inks.faint, yref: 'y2' }),
      {
        x: startX,
        y: 0,
        yref: 'paper',
        text: start
          ? WORDS.start(
              fixed(temperatureValue(start.snow.contactC.p50, units)),
              temperatureUnit(units),
            )
          : WORDS.startAlone,
        showarrow: false,
        xanchor: 'right',
        xshift: -6,
        yanchor: 'bottom',
        font: { color: inks.ink, size: 14 },
      },
    ],
  };
}

const DAY_MS = 24 * 3_600_000;
