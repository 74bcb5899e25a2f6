'use client';

import { useRef } from 'react';
import dynamic from 'next/dynamic';
import { useToken, Box, Text } from '@chakra-ui/react';
import { useTheme } from 'next-themes';
import type { Data, Layout } from 'plotly.js';
import { loadPlot } from './plotly';
import { useNear } from './use-near';
import { FONTS } from '../theme/system';
import { languageTag } from '../../words/locale';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.chart;

const drawing = () => <Text textStyle="small">{WORDS.drawingTheChart}</Text>;
const Plot = dynamic(() => loadPlot('lines'), { ssr: false, loading: drawing });
const MapPlot = dynamic(() => loadPlot('maps'), { ssr: false, loading: drawing });

/** The inks of a chart in the theme of the moment. */
export interface ChartInks {
  ink: string;
  faint: string;
  rule: string;
  action: string;
  danger: string;
  sheet: string;
  paper: string;
}

const LIGHT = [
  'graphite.800',
  'graphite.600',
  'bone.300',
  'spruce.600',
  'alarm.600',
  'bone.50',
  'bone.100',
];
const DARK = [
  'bone.100',
  'bone.300',
  'graphite.700',
  'spruce.300',
  'alarm.300',
  'graphite.800',
  'graphite.900',
];

/** The chart inks of the current theme, as colours that Plotly can read. */
export function useChartInks(): ChartInks {
  const { resolvedTheme } = useTheme();
  const values = useToken('colors', resolvedTheme === 'dark' ? DARK : LIGHT);
  const [ink, faint, rule, action, danger, sheet, paper] = values;
  return { ink, faint, rule, action, danger, sheet, paper } as ChartInks;
}

interface ChartProps {
  /** What the chart shows, for those who cannot see it. */
  label: string;
  data: Data[];
  layout: Partial<Layout>;
  height: number;
}

const isMap = (data: readonly Data[]) => data.some(({ type }) => type === 'heatmap');

/** A chart in our template, drawn once it comes into view: no toolbar, direct labels, the page's typeface, transparent ground. */
export function Chart({ label, data, layout, height }: ChartProps) {
  const inks = useChartInks();
  const place = useRef<HTMLDivElement>(null);
  const isNear = useNear(place);
  const Drawn = isMap(data) ? MapPlot : Plot;
  const axis = {
    gridcolor: inks.rule,
    linecolor: inks.faint,
    tickcolor: inks.faint,
    zeroline: false,
    fixedrange: true,
  };
  return (
    <Box ref={place} data-testid="chart" role="img" aria-label={label} h={`${height}px`}>
      {isNear && (
        <Drawn
          data={data}
          layout={{
            autosize: true,
            height,
            paper_bgcolor: 'transparent',
            plot_bgcolor: 'transparent',
            margin: { l: 56, r: 16, t: 12, b: 48 },
            showlegend: false,
            hovermode: 'closest',
            dragmode: false,
            font: { family: FONTS, size: 14, color: inks.ink },
            ...layout,
            xaxis: { ...axis, ...layout.xaxis },
            yaxis: { ...axis, ...layout.yaxis },
          }}
          config={{
            displayModeBar: false,
            responsive: true,
            scrollZoom: false,
            locale: languageTag(),
          }}
          useResizeHandler
          style={{ width: '100%', height: '100%' }}
        />
      )}
    </Box>
  );
}
