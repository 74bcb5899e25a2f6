'use client';

import createPlotlyComponent from 'react-plotly.js/factory';
import Plotly from 'plotly.js';
import { languageTag } from '../../words/tongue';
import { plotlyLocale } from './plotly-locale';

const tag = languageTag();
// English is what it knows by itself.
if (!tag.startsWith('en'))
  Plotly.register(plotlyLocale(tag) as Parameters<typeof Plotly.register>[0]);

/** Plotly with the small cartesian bundle; loaded only where a chart is on screen. */
export const Plot = createPlotlyComponent(Plotly);
