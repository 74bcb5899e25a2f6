import { useState } from 'react';
import type Plotly from 'plotly.js';
import type { PlotParams } from 'react-plotly.js';
import createPlotlyComponent from 'react-plotly.js/factory';
import { languageTag } from '../../words/locale';
import { hasForeignTag, plainMarkup } from './plain-markup';
import { plotlyLocale } from './plotly-locale';

/**
 * A component that draws with this bundle of Plotly, in the language of the page; anew only when what it shows has
 * changed, since a drawing holds the page up for as long as it takes.
 */
export function makePlot(plotly: typeof Plotly) {
  const tag = languageTag();
  // English is what it knows by itself.
  if (!tag.startsWith('en'))
    plotly.register(plotlyLocale(tag) as Parameters<typeof Plotly.register>[0]);
  const Drawing = createPlotlyComponent(plotly);
  return function Plot(props: PlotParams) {
    // As text: Plotly writes into the objects it is given.
    const shown = JSON.stringify(props);
    const drawn = () => (hasForeignTag(shown) ? plainMarkup(props) : props);
    const [kept, setKept] = useState(() => ({ shown, props: drawn() }));
    if (kept.shown !== shown) setKept({ shown, props: drawn() });
    return <Drawing {...kept.props} />;
  };
}
