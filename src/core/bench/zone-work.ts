import { gripGrams, gramsFor, minutesFor } from './amounts';
import type { BenchProduct, GripPlan, SheetRequest, Step } from './types';
import { coolStep, dryStep, WAITS } from './waits';
import { BENCH } from './figures';
import { PATTERN_FILM } from './run';

const zoneOf = ({ startCm, endCm }: GripPlan) => ({ startCm, endCm });

/** Old grip wax off and the zone roughened, so that the new binds. */
export function zoneReady(request: SheetRequest, grip: GripPlan): Step[] {
  return [
    {
      key: 'grip.zone',
      kind: 'remove_grip',
      work: { code: 'zone_ready', ...zoneOf(grip) },
      figures: {},
      activeMin: minutesFor(request, 'remove_grip'),
      caution: 'scraper',
    },
  ];
}

/** Grip wax and klister off before the summer: scraped, and the rest with cleaner where there is one. */
export function gripOffSteps(request: SheetRequest): Step[] {
  const { cleaner } = request;
  const off: Step = {
    key: 'grip.off',
    kind: 'remove_grip',
    work: { code: 'grip_off', hasCleaner: cleaner !== undefined },
    figures: cleaner ? { grams: gripGrams(request.ski, cleaner.form) } : {},
    activeMin: minutesFor(request, 'remove_grip'),
    caution: cleaner ? 'flammable' : 'scraper',
    productId: cleaner?.id,
  };
  if (!cleaner) return [off];
  const wait = WAITS.flashOff;
  return [off, dryStep(request, { key: 'grip.flash-off', wait, isSolvent: true })];
}

/** The skin covered or off before heat, wax and cleaner, and uncovered after them. */
export const skinCover = (request: SheetRequest, isBefore: boolean): Step => ({
  key: isBefore ? 'skin.cover' : 'skin.uncover',
  kind: 'skin_cover',
  work: { code: isBefore ? 'cover_skin' : 'uncover_skin' },
  figures: {},
  activeMin: minutesFor(request, 'skin_cover'),
});

const onZone = (
  request: SheetRequest,
  {
    key,
    product,
    grip,
    layers,
  }: { key: string; product: BenchProduct; grip: GripPlan; layers: number },
): Step[] => [
  {
    key: `${key}.on`,
    kind: 'grip_on',
    work: { code: 'crayon', product: product.name, layers, ...zoneOf(grip) },
    figures: {
      passes: layers,
      grams: Math.round(10 * layers * gripGrams(request.ski, product.form)) / 10,
    },
    activeMin: minutesFor(request, 'grip_on') * Math.max(1, layers / 2),
    productId: product.id,
  },
  {
    key: `${key}.cork`,
    kind: 'cork',
    work: { code: 'cork', product: product.name },
    figures: {},
    activeMin: minutesFor(request, 'cork'),
  },
];

/** Grip wax outside until it is as cold as the snow. */
const gripCool = (request: SheetRequest): Step => ({
  ...coolStep(request, 'grip.cool'),
  work: { code: 'cool_grip' },
  waitMin: WAITS.gripCool.minutes,
  waitLeastMin: WAITS.gripCool.least,
  school: undefined,
});

/** Grip by stick over its binder. */
export function stickSteps(request: SheetRequest, grip: GripPlan): Step[] {
  return [
    ...(grip.binder
      ? onZone(request, { key: 'grip.binder', product: grip.binder, grip, layers: 1 })
      : []),
    ...onZone(request, { key: 'grip.stick', product: grip.product, grip, layers: grip.layers }),
    gripCool(request),
  ];
}

/** Klister over its binder, spread warm and cooled; under a cover where the snow is new. */
export function klisterSteps(request: SheetRequest, grip: GripPlan): Step[] {
  const { product } = grip;
  return [
    ...(grip.binder
      ? onZone(request, { key: 'grip.binder', product: grip.binder, grip, layers: 1 })
      : []),
    {
      key: 'klister.on',
      kind: 'klister_on',
      work: { code: 'spread_klister', product: product.name, ...zoneOf(grip) },
      figures: { grams: gripGrams(request.ski, 'tube') },
      activeMin: minutesFor(request, 'klister_on'),
      caution: 'klister',
      productId: product.id,
    },
    {
      ...coolStep(request, 'klister.cool'),
      work: { code: 'cool_klister' },
      waitMin: WAITS.klisterCool.minutes,
      waitLeastMin: WAITS.klisterCool.least,
      school: undefined,
    },
    ...(grip.cover
      ? onZone(request, { key: 'klister.cover', product: grip.cover, grip, layers: 1 })
      : []),
  ];
}

/** A patterned base: brushed clear, a thin liquid or paste, never the iron. */
export function patternSteps(request: SheetRequest, liquid: BenchProduct | undefined): Step[] {
  const clear: Step = {
    key: 'pattern.brush',
    kind: 'pattern',
    work: { code: 'clear_pattern' },
    figures: { strokes: BENCH.strokes.pattern },
    activeMin: minutesFor(request, 'pattern'),
  };
  if (!liquid) return [clear];
  return [
    clear,
    {
      key: PATTERN_FILM,
      kind: 'liquid_on',
      work: { code: 'pattern_liquid', product: liquid.name },
      figures: { grams: gripGrams(request.ski, liquid.form) },
      activeMin: minutesFor(request, 'liquid_on'),
      caution: 'flammable',
      productId: liquid.id,
    },
    dryStep(request, {
      key: 'pattern.dry',
      wait: WAITS.dryLiquid,
      isSolvent: false,
      product: liquid,
    }),
  ];
}

/** A skin: cleaned and treated with its own care, never with wax. */
export function skinSteps(request: SheetRequest, care: BenchProduct): Step[] {
  return [
    {
      key: 'skin.care',
      kind: 'skin',
      work: { code: 'skin_care', product: care.name },
      figures: { grams: gramsFor(request.ski, care.form, BENCH.skinShare) },
      activeMin: minutesFor(request, 'skin'),
      caution: 'flammable',
      productId: care.id,
    },
    dryStep(request, { key: 'skin.dry', wait: WAITS.dryLiquid, isSolvent: true }),
  ];
}

/** The structure of the day, pressed after the wax is out. */
export function rillSteps(request: SheetRequest): Step[] {
  const { structure } = request;
  if (!structure || structure.rillPasses === 0) return [];
  return [
    {
      key: 'rill',
      kind: 'rill',
      work: { code: 'press_rills', widthMm: structure.widthMm },
      figures: { passes: structure.rillPasses },
      activeMin: minutesFor(request, 'rill'),
    },
  ];
}

/** The last look. */
export function checkStep(request: SheetRequest): Step {
  return {
    key: 'check',
    kind: 'check',
    work: { code: 'last_look' },
    figures: {},
    activeMin: minutesFor(request, 'check'),
  };
}
