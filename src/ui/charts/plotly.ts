import type Plotly from 'plotly.js';

/** Where the bundles of Plotly lie, each a module of its own; known when the app is built. */
const ADDRESSES = { lines: process.env.CHART_LINES, maps: process.env.CHART_MAPS };

/** Loads Plotly with lines and bars, or with heat maps too; only where such a chart is on screen. */
export async function loadPlotly(bundle: keyof typeof ADDRESSES): Promise<typeof Plotly> {
  const bundled = (await import(/* turbopackIgnore: true */ `${ADDRESSES[bundle]}`)) as {
    default: typeof Plotly;
  };
  return bundled.default;
}
