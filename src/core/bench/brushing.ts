import { HAS_EDGES } from '../ski';
import { CAUTIONS } from './cautions';
import { minutesFor } from './figures';
import type { SheetRequest, Step } from './types';

const ORDERS: Readonly<Record<string, readonly string[]>> = {
  steel_nylon_horsehair: ['fine steel', 'nylon', 'horsehair'],
  nylon_steel_horsehair: ['nylon', 'fine steel', 'horsehair'],
  brass_horsehair_nylon: ['brass', 'horsehair', 'soft nylon'],
  horsehair_metal_nylon: ['horsehair', 'fine metal', 'stiff nylon'],
};
const SCHOOL_NAMES: Readonly<Record<string, string>> = {
  steel_nylon_horsehair: 'Steel, nylon, horsehair',
  nylon_steel_horsehair: 'Nylon, fine steel, horsehair',
  brass_horsehair_nylon: 'Brass, horsehair, soft nylon',
  horsehair_metal_nylon: 'Horsehair, fine metal, stiff nylon',
};
const METAL = ['fine steel', 'brass', 'fine metal', 'steel'];
const STROKES = 10;
const METAL_STROKES = 6;

/** Whether a brush is of metal, which goes one way only. */
export const isMetalBrush = (tool: string): boolean =>
  METAL.some((metal) => tool.toLowerCase().startsWith(metal));

/** One brush over the base. Metal goes tip to tail only, on the tips of its bristles. */
function brushStep(request: SheetRequest, key: string, brush: string): Step {
  const isMetal = METAL.includes(brush);
  const isRotary = request.methods.drive === 'rotary' && !isMetal;
  return {
    key: `${key}.${brush.replace(' ', '-')}`,
    kind: 'brush',
    title: `Brush: ${brush}`,
    tool: isRotary ? `Rotary ${brush} brush` : `${brush[0]!.toUpperCase()}${brush.slice(1)} brush`,
    what: isMetal
      ? 'Tip to tail only, light, on the tips of the bristles.'
      : isRotary
        ? 'Spin toward the tail, light, tip to tail.'
        : 'Long strokes tip to tail, short quick ones where wax still shows.',
    figures: { strokes: isMetal ? METAL_STROKES : STROKES },
    activeMin: minutesFor(request, 'brush'),
    doneWhen: 'No dust comes any more; against the light the structure is clear of wax.',
    caution: isRotary ? CAUTIONS.rotary : CAUTIONS.dust,
    reason: isMetal ? 'Takes wax out of the structure.' : 'Takes off what the one before left.',
    school: SCHOOL_NAMES[request.methods.brushes ?? ''] ?? SCHOOL_NAMES.steel_nylon_horsehair,
  };
}

/** The brushes of the school in force, coarse to fine. */
export function brushSteps(request: SheetRequest, key: string): Step[] {
  const order = ORDERS[request.methods.brushes ?? ''] ?? ORDERS.steel_nylon_horsehair!;
  return order.map((brush) => brushStep(request, key, brush));
}

/** The last brushes alone, for what was never scraped. */
export function softBrushSteps(request: SheetRequest, key: string): Step[] {
  const order = ORDERS[request.methods.brushes ?? ''] ?? ORDERS.steel_nylon_horsehair!;
  return order
    .filter((brush) => !METAL.includes(brush))
    .map((brush) => brushStep(request, key, brush));
}

/** A metal brush that opens the structure before wax. */
export function openStructure(request: SheetRequest): Step {
  const brush = request.structure?.brush ?? 'steel';
  return {
    key: 'open-structure',
    kind: 'open_structure',
    title: `Open the structure: ${brush}`,
    tool: `${brush === 'steel' ? 'Steel' : 'Brass'} brush`,
    what: 'Tip to tail only, firm, then wipe the dust off.',
    figures: { strokes: METAL_STROKES },
    activeMin: minutesFor(request, 'open_structure'),
    doneWhen: 'The base looks dull and even, the lines are clear.',
    caution: CAUTIONS.dust,
    reason: brush === 'steel' ? 'Clean lines take wax.' : 'Cold fine grain: brass is enough.',
  };
}

/** Scraping cold, before the brushes. */
export function scrapeStep(request: SheetRequest, key: string): Step {
  const isBare = request.methods.scraping !== 'brush_more';
  const first = HAS_EDGES[request.ski.type] ? 'From tip to tail,' : 'Groove first, then';
  return {
    key,
    kind: 'scrape',
    title: 'Scrape',
    tool: 'Sharp plastic scraper, 4–5 mm',
    what: isBare
      ? `${first} long light strokes, scraper a little off vertical, until bare.`
      : `${first} a few light strokes; the brushes do the rest.`,
    figures: {},
    activeMin: minutesFor(request, 'scrape'),
    doneWhen: isBare
      ? 'No white patches; it feels bare to the back of the hand.'
      : 'Thin and even.',
    caution: CAUTIONS.scraper,
    reason: isBare ? 'What is left on top only slows.' : 'Spares the structure of the base.',
    school: isBare ? 'Scrape bare' : 'Scrape less, brush more',
  };
}
