import type Plotly from 'plotly.js';

/** Where the bundles of Plotly lie, each a module of its own; known when the app is built. */
const ADDRESSES = { lines: process.env.CHART_LINES, maps: process.env.CHART_MAPS };

async function load(bundle: keyof typeof ADDRESSES): Promise<typeof Plotly> {
  const bundled = (await import(/* turbopackIgnore: true */ `${ADDRESSES[bundle]}`)) as {
    default: typeof Plotly;
  };
  return bundled.default;
}

/** Loads what draws lines and bars, or heat maps too; only where such a chart is on screen. */
export async function loadPlot(bundle: keyof typeof ADDRESSES) {
  const [{ makePlot }, plotly] = await Promise.all([import('./make-plot'), load(bundle)]);
  return makePlot(plotly);
}
