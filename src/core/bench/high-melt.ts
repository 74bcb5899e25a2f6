import { brushSteps, scrapeStep, stiffBrushStep } from './brushing';
import { EDGE_STRIP_SHARE, glideShare, gramsFor, ironSetting, minutesFor } from './amounts';
import { heatCaution } from './cautions';
import { waxOn } from './coats';
import { BENCH } from './figures';
import { COAT } from './run';
import type { BenchProduct, SheetRequest, Step } from './types';
import { coolStep } from './waits';

const { passS: PASS_S, restS: REST_S } = BENCH.highMelt;
/** One pass on each half of the ski. */
const HALVES = [
  { passS: PASS_S, restS: REST_S },
  { passS: PASS_S, restS: REST_S },
];

interface Melted {
  key: string;
  product: BenchProduct;
  /** A strip along both edges, else the whole base. */
  isStrip: boolean;
}

/** Quick steady passes with one edge of the iron, one half of the ski after the other. */
function halves(request: SheetRequest, { key, product, isStrip }: Melted, isSecond: boolean): Step {
  const end = isSecond ? '.second-iron' : isStrip ? '.edge-iron' : COAT;
  return {
    key: `${key}${end}`,
    kind: 'iron',
    work: { code: 'iron_halves', product: product.name, isSecond, isStrip },
    figures: {
      temperatureC: Math.round(ironSetting(request, product).setC),
      passS: PASS_S,
      passes: HALVES.length,
      timings: HALVES,
    },
    activeMin: minutesFor(request, 'iron'),
    caution: heatCaution(product),
  };
}

/** What is left to do when the second pass has cooled: the brushes alone, or a very light scraper before them. */
function finish(request: SheetRequest, { key }: Melted): Step[] {
  const isScraped = request.methods.powder_finish === 'scrape_lightly';
  const scrape: Step = {
    ...scrapeStep(request, `${key}.scrape`),
    work: { code: 'scrape_lightly' },
    school: 'scrape_lightly',
  };
  const brushes = brushSteps(request, `${key}.brush`);
  return isScraped
    ? [scrape, ...brushes]
    : brushes.map((step) => ({ ...step, school: 'brush_only' as const }));
}

/** A powder or hardener that melts very hot: dabbed down, ironed by halves, brushed up, and once more. */
export function highMeltCoat(request: SheetRequest, melted: Melted): Step[] {
  const { key, product, isStrip } = melted;
  const grams = gramsFor(
    request.ski,
    product.form,
    isStrip ? EDGE_STRIP_SHARE : glideShare(request.ski),
  );
  const on = waxOn(request, { key, product });
  const dab: Step = {
    key: `${key}.dab`,
    kind: 'dab',
    work: { code: 'dab', product: product.name },
    figures: { temperatureC: Math.round(ironSetting(request, product).setC) },
    activeMin: minutesFor(request, 'dab'),
    caution: heatCaution(product),
  };
  return [
    isStrip
      ? {
          ...on,
          work: { code: 'edge_strip', product: product.name, grams },
          figures: { grams },
          school: undefined,
        }
      : on,
    ...(product.form === 'powder' ? [dab] : []),
    halves(request, melted, false),
    coolStep(request, `${key}.cool`, product),
    stiffBrushStep(request, `${key}.up`),
    halves(request, melted, true),
    coolStep(request, `${key}.cool-again`, product),
    ...finish(request, melted),
  ];
}
