'use client';

import Plotly from 'plotly.js';
import { makePlot } from './make-plot';

/** Plotly with heat maps too, which is half as big again; loaded only where one is on screen. */
export const MapPlot = makePlot(Plotly);
