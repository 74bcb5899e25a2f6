import { brushSteps, scrapeStep } from './brushing';
import { heatCaution } from './cautions';
import { glideShare, gramsFor, ironSetting, isWide, minutesFor, usualPasses } from './amounts';
import { COAT } from './run';
import { HAS_EDGES, isPair } from '../ski';
import type { BenchProduct, IronSetting, SheetRequest, Step } from './types';
import { coolStep } from './waits';
import { BENCH } from './figures';

/** A product on what of the base is glide-waxed: all of it, or tips and tails. */
export const onBase = ({ ski }: SheetRequest, { name }: BenchProduct) => ({
  product: name,
  isTipsOnly: glideShare(ski) < 1,
});

/** Wax on before the iron: block rubbed and dripped, or powder sprinkled; `isBare`: a base that must not meet heat dry. */
export function waxOn(
  request: SheetRequest,
  { key, product, isBare = false }: { key: string; product: BenchProduct; isBare?: boolean },
): Step {
  const isPowder = product.form === 'powder';
  const isRubbedFirst = isBare || request.methods.first_heat !== 'drip_only';
  const grams = gramsFor(request.ski, product.form, glideShare(request.ski));
  const on = onBase(request, product);
  return {
    key: `${key}.on`,
    kind: 'wax_on',
    work: isPowder
      ? { code: 'sprinkle', ...on, grams }
      : { code: 'drip', ...on, isRubbedFirst, isWide: isWide(request.ski) },
    figures: { grams },
    activeMin: minutesFor(request, 'wax_on'),
    caution: heatCaution(product),
    school: isPowder ? undefined : isRubbedFirst ? 'rub_then_drip' : 'drip_only',
    productId: product.id,
  };
}

/** Whether each rest is as long as the pass before it: then the pair's other ski is ironed in it. */
const hasLongRests = (passes: IronSetting['passes']): boolean =>
  passes.slice(0, -1).every(({ passS, restS }) => restS >= passS);

/** The figures of an iron step by its setting. */
const ironFigures = ({ setC, passes, uptakeFraction }: IronSetting): Step['figures'] => ({
  temperatureC: Math.round(setC),
  passS: passes[0]!.passS,
  passes: passes.length,
  timings: passes.map(({ passS, restS }) => ({ passS, restS })),
  uptakeFraction,
});

/** The iron over the film; `key` is that of the whole step. */
export function iron(
  request: SheetRequest,
  { key, product, setting }: { key: string; product: BenchProduct; setting: IronSetting },
): Step {
  const isTipToTailOnly = request.methods.passes === 'long_only';
  const isPowder = product.form === 'powder';
  return {
    key,
    kind: 'iron',
    work: {
      code: 'iron',
      product: product.name,
      isPowder,
      isTipToTailOnly,
      isWide: isWide(request.ski),
      isHouseholdIron: request.methods.iron === 'household_tolerated',
      isOtherInRests: isPair(request.ski) && hasLongRests(setting.passes),
    },
    figures: ironFigures(setting),
    activeMin: minutesFor(request, 'iron'),
    caution: heatCaution(product),
    reason: setting.why,
    school: isPowder ? undefined : isTipToTailOnly ? 'long_only' : 'spread_then_long',
  };
}

/** A soft coat that is scraped at once: cool, and with the house's own pace. */
const softSetting = ({ ironLimitC }: BenchProduct): IronSetting => ({
  setC: Math.min(BENCH.softIronC, ironLimitC ?? Infinity),
  passes: usualPasses().slice(0, BENCH.hotScrapePasses),
});

/** What is scraped while warm: groove and sidewalls, or the steel edges. */
function warmScrape(request: SheetRequest, key: string): Step {
  return {
    key: `${key}.warm`,
    kind: 'scrape_warm',
    work: { code: HAS_EDGES[request.ski.type] ? 'warm_edges' : 'warm_groove' },
    figures: {},
    activeMin: minutesFor(request, 'scrape_warm'),
    caution: 'scraper',
  };
}

/** One ironed coat: on, iron, edges warm, cool, scrape, brush; under another coat the first brush is enough. */
export function ironedCoat(
  request: SheetRequest,
  { key, product, isLast = true }: { key: string; product: BenchProduct; isLast?: boolean },
): Step[] {
  return [
    waxOn(request, { key, product }),
    iron(request, { key: `${key}${COAT}`, product, setting: ironSetting(request, product) }),
    warmScrape(request, key),
    coolStep(request, `${key}.cool`, product),
    scrapeStep(request, `${key}.scrape`),
    ...brushSteps(request, `${key}.brush`).slice(0, isLast ? undefined : 1),
  ];
}

/** A soft coat scraped while it is warm: it lifts dirt, or opens a dry or new base. */
export function hotScrapeCoat(
  request: SheetRequest,
  { key, product, purpose }: { key: string; product: BenchProduct; purpose: 'clean' | 'condition' },
): Step[] {
  return [
    waxOn(request, { key, product, isBare: purpose === 'condition' }),
    iron(request, { key: `${key}.soft-iron`, product, setting: softSetting(product) }),
    {
      key: `${key}.scrape-warm`,
      kind: 'scrape_warm',
      work: { code: 'hot_scrape', purpose },
      figures: {},
      activeMin: minutesFor(request, 'scrape_warm'),
      caution: 'scraper',
    },
  ];
}
