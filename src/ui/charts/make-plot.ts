import type Plotly from 'plotly.js';
import createPlotlyComponent from 'react-plotly.js/factory';
import { languageTag } from '../../words/tongue';
import { plotlyLocale } from './plotly-locale';

/** A component that draws with this bundle of Plotly, in the language of the page. */
export function makePlot(plotly: typeof Plotly) {
  const tag = languageTag();
  // English is what it knows by itself.
  if (!tag.startsWith('en'))
    plotly.register(plotlyLocale(tag) as Parameters<typeof Plotly.register>[0]);
  return createPlotlyComponent(plotly);
}
