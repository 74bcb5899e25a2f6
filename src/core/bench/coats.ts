import { CAUTIONS, heatCaution } from './cautions';
import { brushSteps, scrapeStep, softBrushSteps } from './brushing';
import {
  EDGE_STRIP_SHARE,
  glideShare,
  gramsFor,
  ironSetting,
  isWide,
  minutesFor,
  SOFT_IRON_C,
} from './figures';
import { HAS_EDGES } from '../ski';
import type { BenchProduct, SheetRequest, Step } from './types';
import { coolStep, dryStep, WAITS } from './waits';

const where = (request: SheetRequest) =>
  glideShare(request.ski) < 1 ? 'tips and tails only, never the grip zone' : 'the whole base';

const asShown = (value: number) => String(Math.round(value * 10) / 10);

/** Wax on before the iron: block rubbed and dripped, or powder sprinkled. */
function waxOn(request: SheetRequest, key: string, product: BenchProduct, share: number): Step {
  const isPowder = product.form === 'powder';
  const isDripOnly = request.methods.first_heat === 'drip_only';
  const grams = gramsFor(request.ski, product.form, share);
  const spread = isWide(request.ski)
    ? 'in an S of drops, one half, then the other'
    : 'a drop every 1–2 cm';
  return {
    key: `${key}.on`,
    kind: 'wax_on',
    title: `${product.name}: on`,
    tool: isPowder ? 'Powder shaker' : 'Block and iron held apart',
    what: isPowder
      ? `Sprinkle ${asShown(grams)} g evenly over ${where(request)}.`
      : isDripOnly
        ? `Drip ${spread} on ${where(request)}.`
        : `Rub a thin film on ${where(request)}, then drip: ${spread}.`,
    figures: { grams },
    activeMin: minutesFor(request, 'wax_on'),
    doneWhen: 'No bare base is left for the iron to meet.',
    caution: heatCaution(product),
    reason: isDripOnly
      ? 'Enough where the drops lie close.'
      : 'A film shields the base from first heat.',
    school: isPowder ? undefined : isDripOnly ? 'Drip only' : 'Rub on, then drip',
    productId: product.id,
  };
}

/** The iron over the film. */
function iron(request: SheetRequest, key: string, product: BenchProduct, setC?: number): Step {
  const setting = ironSetting(request, product);
  const temperatureC = Math.min(setC ?? setting.setC, product.ironLimitC ?? Infinity);
  const isLong = request.methods.passes === 'long_only';
  const isPowder = product.form === 'powder';
  const spread = isPowder
    ? 'Dab the powder down, then tip'
    : isLong
      ? 'Tip'
      : 'Spread the drops first, then tip';
  const halves = isWide(request.ski) ? ' One half of the base, then the other.' : '';
  return {
    key: `${key}.iron`,
    kind: 'iron',
    title: `${product.name}: iron in`,
    tool: request.methods.iron === 'household_tolerated' ? 'Iron' : 'Ski iron',
    what: `${spread} to tail, one even pass after another; never stand still.${halves}`,
    figures: {
      temperatureC: Math.round(temperatureC),
      passS: setting.passS,
      passes: setting.passes,
    },
    activeMin: minutesFor(request, 'iron'),
    doneWhen:
      'A trail of 2 to 8 cm stays liquid behind the iron; the back of the ski is hand-warm.',
    caution: heatCaution(product),
    reason: setting.why ?? 'Liquid wax goes into the base only while it is liquid.',
    school: isPowder ? undefined : isLong ? 'Tip to tail only' : 'Spread, then tip to tail',
    productId: undefined,
  };
}

/** What is scraped while warm: groove and sidewalls, or the steel edges. */
function warmScrape(request: SheetRequest, key: string): Step {
  const hasEdges = HAS_EDGES[request.ski.type];
  return {
    key: `${key}.warm`,
    kind: 'scrape_warm',
    title: hasEdges ? 'Edges while warm' : 'Groove and sidewalls while warm',
    tool: hasEdges ? 'Plastic scraper' : 'Groove tool',
    what: hasEdges
      ? 'Wax off the steel edges and sidewalls while it is soft.'
      : 'Clear the groove, a hand over the tool, then the sidewalls.',
    figures: {},
    activeMin: minutesFor(request, 'scrape_warm'),
    doneWhen: 'Clean edges; no wax hangs over.',
    caution: CAUTIONS.scraper,
    reason: 'Cold wax chips there; warm it peels.',
  };
}

/** One ironed coat: on, iron, edges warm, cool, scrape, brush; under another coat the first brush is enough. */
export function ironedCoat(
  request: SheetRequest,
  key: string,
  product: BenchProduct,
  isLast = true,
): Step[] {
  return [
    waxOn(request, key, product, glideShare(request.ski)),
    iron(request, key, product),
    warmScrape(request, key),
    coolStep(request, `${key}.cool`),
    scrapeStep(request, `${key}.scrape`),
    ...brushSteps(request, `${key}.brush`).slice(0, isLast ? undefined : 1),
  ];
}

/** A soft coat scraped while it is warm: it lifts dirt, or opens a dry or new base. */
export function hotScrapeCoat(
  request: SheetRequest,
  key: string,
  product: BenchProduct,
  purpose: 'clean' | 'condition',
): Step[] {
  return [
    waxOn(request, key, product, glideShare(request.ski)),
    iron(request, key, product, SOFT_IRON_C),
    {
      key: `${key}.scrape-warm`,
      kind: 'scrape_warm',
      title: 'Scrape it off warm',
      tool: 'Plastic scraper',
      what: 'Straight after the iron, tip to tail; again with new wax until the shavings are clean.',
      figures: {},
      activeMin: minutesFor(request, 'scrape_warm'),
      doneWhen: purpose === 'clean' ? 'The shavings come off clean.' : 'Even colour, no grey left.',
      caution: CAUTIONS.scraper,
      reason:
        purpose === 'clean'
          ? 'Warm soft wax carries the dirt out.'
          : 'Soft wax opens the base; hard wax follows.',
    },
  ];
}

/** The hardener: a strip along both edges underfoot. */
export function hardenerCoat(request: SheetRequest, key: string, product: BenchProduct): Step[] {
  const on = waxOn(request, key, product, EDGE_STRIP_SHARE);
  const grams = on.figures.grams!;
  return [
    {
      ...on,
      title: `${product.name}: edges`,
      what: `${asShown(grams)} g in a strip a centimetre wide along both edges, underfoot, on a thin film of wax.`,
      reason: 'Hard snow burns the base there first.',
    },
    {
      ...iron(request, key, product),
      what: 'Dab the powder down, then tip to tail along one edge, along the other; never stand still.',
    },
    coolStep(request, `${key}.cool`),
    ...brushSteps(request, `${key}.brush`),
  ];
}

/** A liquid: on, dry, brushed; or ironed through a sheet for more durability. */
export function liquidCoat(
  request: SheetRequest,
  key: string,
  product: BenchProduct,
  isIroned: boolean,
): Step[] {
  const isPaste = product.form === 'paste';
  const on: Step = {
    key: `${key}.on`,
    kind: 'liquid_on',
    title: `${product.name}: on`,
    tool: isPaste ? 'Cloth' : 'Sponge',
    what: isPaste
      ? `Wipe thin over ${where(request)}.`
      : `Shake; sponge on in lengths of 15 to 20 cm over ${where(request)}; close the bottle.`,
    figures: { grams: gramsFor(request.ski, product.form, glideShare(request.ski)) },
    activeMin: minutesFor(request, 'liquid_on'),
    doneWhen: 'An even wet film, no pools.',
    caution: product.additives.includes('fluorocarbon') ? CAUTIONS.legacy : CAUTIONS.flammable,
    reason: 'Covers in one go, little waste.',
    productId: product.id,
  };
  const dry = dryStep(request, `${key}.dry`, WAITS.dryLiquid, false);
  if (!isIroned) return [on, dry, ...softBrushSteps(request, `${key}.brush`)];
  const sheet = iron(request, key, product);
  return [
    on,
    dry,
    {
      ...sheet,
      title: `${product.name}: iron through a sheet`,
      tool: 'Ski iron and PTFE sheet',
      what: 'The sheet between iron and base, one slow pass; a chalky look is normal, do not scrape.',
      figures: { ...sheet.figures, passS: 8, passes: 1 },
      doneWhen: 'The film has turned from milky to clear or chalky all over.',
      reason: 'Heat binds the film: it lasts longer.',
      school: undefined,
    },
    coolStep(request, `${key}.cool`),
    ...softBrushSteps(request, `${key}.brush`),
  ];
}

/** A thin top layer, by roller or by sponge: last of all that glides. */
export function topCoat(request: SheetRequest, key: string, product: BenchProduct): Step[] {
  const isRoller = product.form === 'roller_block';
  const on: Step = {
    key: `${key}.on`,
    kind: 'top_on',
    title: `${product.name}: top layer`,
    tool: isRoller ? 'Wool roller' : 'Sponge',
    what: isRoller
      ? `Rub a thin trace on ${where(request)}, then the short-haired roller tip to tail, light, toward the tail.`
      : `Shake; a thin film on ${where(request)}; close the bottle.`,
    figures: { grams: gramsFor(request.ski, product.form, glideShare(request.ski)) },
    activeMin: minutesFor(request, 'top_on'),
    doneWhen: 'A thin even film; two layers are usually enough.',
    caution: product.additives.includes('fluorocarbon')
      ? CAUTIONS.legacy
      : isRoller
        ? CAUTIONS.rotary
        : CAUTIONS.flammable,
    reason: isRoller ? 'Old snow tends to a roller block.' : 'New snow tends to a liquid.',
    productId: product.id,
  };
  const polish: Step = {
    key: `${key}.polish`,
    kind: 'cork',
    title: 'Polish the top layer',
    tool: 'Soft nylon brush or cork',
    what: 'Tip to tail, light, no pressure.',
    figures: { strokes: 10 },
    activeMin: minutesFor(request, 'cork'),
    doneWhen: 'An even sheen.',
    reason: 'A thin film is quick; a thick one is not.',
  };
  const wait = dryStep(request, `${key}.dry`, WAITS.dryTop, false);
  return isRoller ? [on, polish] : [on, wait, polish];
}
