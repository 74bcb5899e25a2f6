import { CAUTIONS } from './cautions';
import { gripGrams, gramsFor, minutesFor } from './figures';
import type { BenchProduct, GripPlan, SheetRequest, Step } from './types';
import { coolStep, dryStep, WAITS } from './waits';

const zoneOf = (grip: GripPlan) =>
  `from ${Math.round(grip.startCm)} to ${Math.round(grip.endCm)} cm ahead of the heel plate`;

function corkStep(request: SheetRequest, key: string, product: BenchProduct): Step {
  return {
    key,
    kind: 'cork',
    title: `Cork ${product.name}`,
    tool: 'Synthetic cork',
    what: 'Smooth each layer, light and quick, groove kept clear.',
    figures: {},
    activeMin: minutesFor(request, 'cork'),
    doneWhen: 'Smooth and thin, no ridges at the ends.',
    reason: 'Thin smooth layers hold and glide; a thick one does neither.',
  };
}

/** Old grip wax off and the zone roughened, so that the new binds. */
export function zoneReady(request: SheetRequest, grip: GripPlan): Step[] {
  return [
    {
      key: 'grip.zone',
      kind: 'remove_grip',
      title: 'Make the zone ready',
      tool: 'Scraper and fine sandpaper',
      what: `Scrape old wax off, mark the zone ${zoneOf(grip)}, sand it lightly.`,
      figures: {},
      activeMin: minutesFor(request, 'remove_grip'),
      doneWhen: 'Dull, clean, and marked at both ends.',
      caution: CAUTIONS.scraper,
      reason: 'Grip wax holds on a roughened base.',
    },
  ];
}

const onZone = (
  request: SheetRequest,
  key: string,
  product: BenchProduct,
  grip: GripPlan,
  layers: number,
): Step[] => [
  {
    key: `${key}.on`,
    kind: 'grip_on',
    title: `${product.name}: ${layers === 1 ? 'one layer' : `${layers} layers`}`,
    tool: 'Grip stick',
    what: `Crayon thin ${zoneOf(grip)}; each layer smoothed before the next.`,
    figures: {
      passes: layers,
      grams: Math.round(10 * layers * gripGrams(request.ski, product.form)) / 10,
    },
    activeMin: minutesFor(request, 'grip_on') * Math.max(1, layers / 2),
    doneWhen: 'Even colour over the whole zone.',
    reason: 'Several thin layers outlast a thick one.',
    productId: product.id,
  },
  corkStep(request, `${key}.cork`, product),
];

/** Grip by stick over its binder. */
export function stickSteps(request: SheetRequest, grip: GripPlan): Step[] {
  return [
    ...(grip.binder ? onZone(request, 'grip.binder', grip.binder, grip, 1) : []),
    ...onZone(request, 'grip.stick', grip.product, grip, grip.layers),
  ];
}

/** Klister over its binder, spread warm and cooled; under a cover where the snow is new. */
export function klisterSteps(request: SheetRequest, grip: GripPlan): Step[] {
  const { product } = grip;
  return [
    ...(grip.binder ? onZone(request, 'grip.binder', grip.binder, grip, 1) : []),
    {
      key: 'klister.on',
      kind: 'klister_on',
      title: `${product.name}: spread`,
      tool: 'Tube and plastic spreader',
      what: `Warm the tube in the hand or by air; short strokes each side of the groove ${zoneOf(grip)}, spread thin.`,
      figures: { grams: gramsFor(request.ski, 'tube', 0.35) },
      activeMin: minutesFor(request, 'klister_on'),
      doneWhen: 'A thin even film, the groove clear.',
      caution: CAUTIONS.klister,
      reason: 'Only klister holds on wet coarse, refrozen or icy snow.',
      productId: product.id,
    },
    {
      ...coolStep(request, 'klister.cool'),
      waitMin: WAITS.klisterCool.minutes,
      waitLeastMin: WAITS.klisterCool.least,
      what: 'Outside, base free, till it is as cold as the snow.',
      doneWhen: 'It no longer strings to the finger.',
      reason: 'Warm klister picks up snow and ices.',
      school: undefined,
    },
    ...(grip.cover ? onZone(request, 'klister.cover', grip.cover, grip, 1) : []),
  ];
}

/** A patterned base: brushed clear, a thin liquid or paste, never the iron. */
export function patternSteps(request: SheetRequest, liquid: BenchProduct | undefined): Step[] {
  const clear: Step = {
    key: 'pattern.brush',
    kind: 'pattern',
    title: 'Clear the pattern',
    tool: 'Stiff nylon brush',
    what: 'Brush residue out of the pattern along and across; no scraper, no iron on it ever.',
    figures: { strokes: 10 },
    activeMin: minutesFor(request, 'pattern'),
    doneWhen: 'The steps of the pattern are sharp and clear.',
    reason: 'Hot wax fills the pattern; residue ices in wet new snow.',
  };
  if (!liquid) return [clear];
  return [
    clear,
    {
      key: 'pattern.on',
      kind: 'liquid_on',
      title: `${liquid.name}: thin on the pattern`,
      tool: 'Sponge',
      what: 'A thin film against icing, worked into the steps; close the bottle.',
      figures: { grams: gramsFor(request.ski, liquid.form, 0.35) },
      activeMin: minutesFor(request, 'liquid_on'),
      doneWhen: 'A damp gloss, no pools in the steps.',
      caution: CAUTIONS.flammable,
      reason: 'A dry pattern ices in wet new snow.',
      productId: liquid.id,
    },
    dryStep(request, 'pattern.dry', WAITS.dryLiquid, false),
  ];
}

/** A skin: cleaned and treated with its own care, never with wax. */
export function skinSteps(request: SheetRequest, care: BenchProduct): Step[] {
  return [
    {
      key: 'skin.care',
      kind: 'skin',
      title: 'Clean and treat the skin',
      tool: 'Cloth',
      what: `${care.name} on a cloth, with the hair, tip to tail; hot wax and cleaner for bases stay off it.`,
      figures: { grams: gramsFor(request.ski, care.form, 0.2) },
      activeMin: minutesFor(request, 'skin'),
      doneWhen: 'Hair lies flat and dark; no wax from the base sticks in it.',
      caution: CAUTIONS.flammable,
      reason: 'Dirt and old wax make a skin drag; a dry one ices.',
      productId: care.id,
    },
    dryStep(request, 'skin.dry', WAITS.dryLiquid, true),
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
      title: `Press structure, ${structure.widthMm} mm`,
      tool: 'Rilling tool',
      what: 'Tip to tail with even pressure, glide zones only; a plastic scraper flattens it again.',
      figures: { passes: structure.rillPasses },
      activeMin: minutesFor(request, 'rill'),
      doneWhen: 'Even lines against the light.',
      reason: 'Water must run off: a smooth base sucks.',
    },
  ];
}

/** The last look. */
export function checkStep(request: SheetRequest): Step {
  return {
    key: 'check',
    kind: 'check',
    title: 'Look along the base',
    tool: 'Light from behind',
    what: 'Sidewalls and edges clean, base sides not touching, straps on.',
    figures: {},
    activeMin: minutesFor(request, 'check'),
    doneWhen: 'No wax in the structure, none on the sidewalls.',
    reason: 'What is seen now costs a minute; on the start line it costs the race.',
  };
}
