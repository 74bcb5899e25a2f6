'use client';

import Plotly from 'plotly.js-basic-dist-min';
import { makePlot } from './make-plot';

/** Plotly with lines and bars; loaded only where such a chart is on screen. */
export const Plot = makePlot(Plotly);
