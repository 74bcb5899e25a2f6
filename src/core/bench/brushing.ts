import { HAS_EDGES } from '../ski';
import { minutesFor } from './amounts';
import type { School } from '../choice';
import type { SheetRequest, Step } from './types';
import type { Brush } from './work';
import { BENCH } from './figures';

type BrushSchool = Extract<School, `${string}_${'horsehair' | 'nylon'}`>;

const ORDERS: Readonly<Record<BrushSchool, readonly Brush[]>> = {
  steel_nylon_horsehair: ['fine_steel', 'nylon', 'horsehair'],
  nylon_steel_horsehair: ['nylon', 'fine_steel', 'horsehair'],
  brass_horsehair_nylon: ['brass', 'horsehair', 'soft_nylon'],
  horsehair_metal_nylon: ['horsehair', 'fine_metal', 'stiff_nylon'],
};
const HOUSE_ORDER: BrushSchool = 'steel_nylon_horsehair';
const METAL: readonly Brush[] = ['fine_steel', 'brass', 'fine_metal', 'steel'];
const { brush: STROKES, metal: METAL_STROKES } = BENCH.strokes;

const schoolOf = ({ methods }: SheetRequest): BrushSchool => {
  const own = methods.brushes ?? HOUSE_ORDER;
  return own in ORDERS ? (own as BrushSchool) : HOUSE_ORDER;
};

/** One brush over the base. Metal goes tip to tail only, on the tips of its bristles. */
function brushStep(request: SheetRequest, key: string, brush: Brush): Step {
  const isMetal = METAL.includes(brush);
  const isRotary = request.methods.drive === 'rotary' && !isMetal;
  return {
    key: `${key}.${brush.replace('_', '-')}`,
    kind: 'brush',
    work: { code: 'brush', brush, isMetal, isRotary },
    figures: { strokes: isMetal ? METAL_STROKES : STROKES },
    activeMin: minutesFor(request, 'brush'),
    caution: isRotary ? 'rotary' : 'dust',
    school: schoolOf(request),
  };
}

/** The brushes of the school in force, coarse to fine. */
export const brushSteps = (request: SheetRequest, key: string): Step[] =>
  ORDERS[schoolOf(request)].map((brush) => brushStep(request, key, brush));

/** The last brushes alone, for what was never scraped. */
export const softBrushSteps = (request: SheetRequest, key: string): Step[] =>
  ORDERS[schoolOf(request)]
    .filter((brush) => !METAL.includes(brush))
    .map((brush) => brushStep(request, key, brush));

/** Half-molten powder brushed up, so that the second pass reaches the base. */
export const stiffBrushStep = (request: SheetRequest, key: string): Step => ({
  key,
  kind: 'brush',
  work: { code: 'brush_up' },
  figures: { strokes: BENCH.strokes.brushUp },
  activeMin: minutesFor(request, 'brush'),
  caution: 'dust',
});

/** A metal brush that opens the structure before wax. */
export function openStructure(request: SheetRequest): Step {
  return {
    key: 'open-structure',
    kind: 'open_structure',
    work: { code: 'open_structure', brush: request.structure?.brush ?? 'steel' },
    figures: { strokes: METAL_STROKES },
    activeMin: minutesFor(request, 'open_structure'),
    caution: 'dust',
  };
}

/** Scraping cold, before the brushes. */
export function scrapeStep(request: SheetRequest, key: string): Step {
  const isBare = request.methods.scraping !== 'brush_more';
  return {
    key,
    kind: 'scrape',
    work: { code: 'scrape', isBare, hasEdges: HAS_EDGES[request.ski.type] },
    figures: {},
    activeMin: minutesFor(request, 'scrape'),
    caution: 'scraper',
    school: isBare ? 'bare' : 'brush_more',
  };
}
