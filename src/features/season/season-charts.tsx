'use client';

import type { Data, Layout } from 'plotly.js';
import { Text } from '@chakra-ui/react';
import { Chart, useChartInks } from '@/ui/charts/chart';
import { fixed, seconds } from '@/words/quantities';
import { seasonScreenWords } from '@/words/screens/season';
import { dayOf } from '@/words/times';
import type { SeasonView } from './use-cases/load-season';

const WORDS = seasonScreenWords.season;
/** Two lines of a label. */
const ROW_PX = 44;
const FRAME_PX = 70;
const MOST_BARS = 12;
/** One bar compares nothing: the table says it. */
const FEWEST_BARS = 2;

/** Bars from the left, each with its value at its end; the first stands on top. */
function useBars(bars: readonly { label: string; value: number; text: string }[]) {
  const inks = useChartInks();
  const data: Data[] = [
    {
      type: 'bar',
      orientation: 'h',
      x: bars.map(({ value }) => value),
      // Two bars may have one label: the axis counts, and is told in words.
      y: bars.map((_, i) => i),
      text: bars.map(({ text }) => text),
      textposition: 'outside',
      cliponaxis: false,
      marker: { color: inks.action },
      hoverinfo: 'skip',
    },
  ];
  const layout = (title: string): Partial<Layout> => ({
    margin: { l: 8, r: 56, t: 8, b: 44 },
    xaxis: { title: { text: title }, rangemode: 'tozero' },
    yaxis: {
      autorange: 'reversed',
      showgrid: false,
      automargin: true,
      tickvals: bars.map((_, i) => i),
      ticktext: bars.map(({ label }) => label),
    },
    showlegend: false,
  });
  return { data, layout, height: bars.length * ROW_PX + FRAME_PX };
}

/** What each choice lost against the best known today, outing by outing. */
export function LostChart({ choices }: Pick<SeasonView, 'choices'>) {
  const judged = choices.filter(({ lostSeconds }) => lostSeconds !== undefined).slice(0, MOST_BARS);
  const { data, layout, height } = useBars(
    judged.map(({ outingName, startAt, lostSeconds = 0 }) => ({
      label: WORDS.bar(outingName, dayOf(startAt.slice(0, 'YYYY-MM-DD'.length))),
      value: lostSeconds,
      text: seconds(lostSeconds),
    })),
  );
  if (judged.length < FEWEST_BARS) return null;
  return (
    <Chart label={WORDS.lostChart} data={data} layout={layout(WORDS.lostAxis)} height={height} />
  );
}

/** Grams of each product, the most used first. */
export function GramsChart({ products }: Pick<SeasonView, 'products'>) {
  const used = [...products].sort((a, b) => b.grams - a.grams).filter(({ grams }) => grams > 0);
  const { data, layout, height } = useBars(
    used.slice(0, MOST_BARS).map(({ name, grams }) => ({
      label: name,
      value: grams,
      text: WORDS.inGrams(fixed(grams, 0)),
    })),
  );
  if (used.length < FEWEST_BARS) return null;
  return (
    <>
      <Chart label={WORDS.gramsChart} data={data} layout={layout(WORDS.grams)} height={height} />
      {used.length > MOST_BARS && (
        <Text textStyle="small">{WORDS.moreBars(used.length - MOST_BARS)}</Text>
      )}
    </>
  );
}
