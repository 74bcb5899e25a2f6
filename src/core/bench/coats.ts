import { brushSteps, scrapeStep, softBrushSteps } from './brushing';
import { heatCaution, liquidCaution } from './cautions';
import {
  EDGE_STRIP_SHARE,
  glideShare,
  gramsFor,
  ironSetting,
  isWide,
  minutesFor,
  usualPasses,
} from './amounts';
import { COAT } from './run';
import { HAS_EDGES } from '../ski';
import type { BenchProduct, IronSetting, SheetRequest, Step } from './types';
import { coolStep, dryStep, WAITS } from './waits';
import { BENCH } from './figures';

/** A product on what of the base is glide-waxed: all of it, or tips and tails. */
const onBase = ({ ski }: SheetRequest, { name }: BenchProduct) => ({
  product: name,
  isTipsOnly: glideShare(ski) < 1,
});

/** Wax on before the iron: block rubbed and dripped, or powder sprinkled. */
function waxOn(request: SheetRequest, key: string, product: BenchProduct): Step {
  const isPowder = product.form === 'powder';
  const isRubbedFirst = request.methods.first_heat !== 'drip_only';
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

/** The figures of an iron step by its setting. */
const ironFigures = ({ setC, passes, uptakeFraction }: IronSetting): Step['figures'] => ({
  temperatureC: Math.round(setC),
  passS: passes[0]!.passS,
  passes: passes.length,
  timings: passes.map(({ passS, restS }) => ({ passS, restS })),
  uptakeFraction,
});

/** The iron over the film; `key` is that of the whole step. */
function iron(
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
    waxOn(request, key, product),
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
    waxOn(request, key, product),
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

/** The hardener: a strip along both edges underfoot. */
export function hardenerCoat(request: SheetRequest, key: string, product: BenchProduct): Step[] {
  const grams = gramsFor(request.ski, product.form, EDGE_STRIP_SHARE);
  const ironed = iron(request, {
    key: `${key}.edge-iron`,
    product,
    setting: { ...ironSetting(request, product), uptakeFraction: undefined },
  });
  return [
    {
      ...waxOn(request, key, product),
      work: { code: 'edge_strip', product: product.name, grams },
      figures: { grams },
    },
    { ...ironed, work: { ...ironed.work, code: 'iron_edges' } as Step['work'] },
    coolStep(request, `${key}.cool`),
    ...brushSteps(request, `${key}.brush`),
  ];
}

/** A liquid: on, dry, brushed; or ironed through a sheet for more durability. */
export function liquidCoat(
  request: SheetRequest,
  { key, product, isIroned }: { key: string; product: BenchProduct; isIroned: boolean },
): Step[] {
  const on: Step = {
    key: `${key}.on`,
    kind: 'liquid_on',
    work: {
      code: product.form === 'paste' ? 'wipe_on' : 'sponge_on',
      ...onBase(request, product),
    },
    figures: { grams: gramsFor(request.ski, product.form, glideShare(request.ski)) },
    activeMin: minutesFor(request, 'liquid_on'),
    caution: liquidCaution(product),
    productId: product.id,
  };
  const dry = dryStep(request, { key: `${key}.dry`, wait: WAITS.dryLiquid, isSolvent: false });
  if (!isIroned) return [on, dry, ...softBrushSteps(request, `${key}.brush`)];
  const sheet = iron(request, {
    key: `${key}.sheet-iron`,
    product,
    setting: ironSetting(request, product),
  });
  return [
    on,
    dry,
    {
      ...sheet,
      work: { code: 'iron_through_sheet', product: product.name },
      figures: {
        temperatureC: sheet.figures.temperatureC,
        passS: BENCH.sheetPassS,
        passes: 1,
        timings: [{ passS: BENCH.sheetPassS, restS: 0 }],
      },
      reason: undefined,
      school: undefined,
    },
    coolStep(request, `${key}.cool`),
    ...softBrushSteps(request, `${key}.brush`),
  ];
}

/** A thin top layer, by roller or by sponge: last of all that glides. */
export function topCoat(request: SheetRequest, key: string, product: BenchProduct): Step[] {
  const isRoller = product.form === 'roller_block';
  const caution = liquidCaution(product);
  const on: Step = {
    key: `${key}.on`,
    kind: 'top_on',
    work: { code: isRoller ? 'roll_top' : 'sponge_top', ...onBase(request, product) },
    figures: { grams: gramsFor(request.ski, product.form, glideShare(request.ski)) },
    activeMin: minutesFor(request, 'top_on'),
    caution: isRoller && caution !== 'legacy' ? 'rotary' : caution,
    productId: product.id,
  };
  const polish: Step = {
    key: `${key}.polish`,
    kind: 'cork',
    work: { code: 'polish_top' },
    figures: { strokes: BENCH.strokes.polish },
    activeMin: minutesFor(request, 'cork'),
  };
  const wait = dryStep(request, { key: `${key}.dry`, wait: WAITS.dryTop, isSolvent: false });
  return isRoller ? [on, polish] : [on, wait, polish];
}
