'use client';

import createPlotlyComponent from 'react-plotly.js/factory';
import Plotly from 'plotly.js';

/** Plotly with the small cartesian bundle; loaded only where a chart is on screen. */
export const Plot = createPlotlyComponent(Plotly);
