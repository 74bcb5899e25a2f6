import { HAS_EDGES, readLookOver } from '../ski';
import { gramsFor, minutesFor } from './amounts';
import type { BenchProduct, SheetRequest, Step } from './types';
import { dryStep, WAITS } from './waits';
import type { StepWork } from './work';
import { BENCH } from './figures';

/** The ski made fast and safe to work on. */
export function secureStep(request: SheetRequest): Step {
  const { ski } = request;
  return {
    key: 'secure',
    kind: 'secure',
    work: {
      code: 'secure',
      isBoard: ski.type === 'snowboard',
      hasBrakes: ski.hasBrakes === true,
      hasEdges: HAS_EDGES[ski.type],
    },
    figures: {},
    activeMin: minutesFor(request, 'secure'),
    caution: 'secure',
  };
}

/** The clamp in the middle opened: a ski under the iron must be free to bend. Boards lie on pads. */
export const releaseStep = (request: SheetRequest): Step => ({
  key: 'release',
  kind: 'release',
  work: { code: 'release_clamp' },
  figures: {},
  activeMin: minutesFor(request, 'release'),
});

/** The scraper made sharp: once for a batch. */
export const sharpenStep = (request: SheetRequest): Step => ({
  key: 'scraper',
  kind: 'sharpen',
  work: { code: 'sharpen_scraper' },
  figures: {},
  activeMin: minutesFor(request, 'sharpen'),
  caution: 'scraper',
});

/** Instead of work on a base that is not flat. */
export const grinderStep = (request: SheetRequest): Step => ({
  key: 'grinder',
  kind: 'send',
  work: { code: 'to_grinder' },
  figures: {},
  activeMin: minutesFor(request, 'send'),
});

/** The screws of a board's bindings: a turn loose before heat, tight after it. */
export function screwStep(request: SheetRequest, isBefore: boolean): Step {
  return {
    key: isBefore ? 'board.screws' : 'board.tighten',
    kind: 'secure',
    work: { code: isBefore ? 'loosen_screws' : 'tighten_screws' },
    figures: {},
    activeMin: minutesFor(request, 'secure'),
    caution: 'binding',
  };
}

/** What the look-over asks for before edges and wax. */
export function repairSteps(request: SheetRequest): Step[] {
  const { items } = readLookOver(request.findings, request.ski);
  return items
    .filter((item) => item.group === 'repair')
    .map(({ kind, places }) => ({
      key: `repair.${kind}`,
      kind: 'repair' as const,
      work: { code: 'fill_gouges' as const, places },
      figures: {},
      activeMin: minutesFor(request, 'repair') * Math.max(1, places / 2),
      caution: 'burning_filler' as const,
    }));
}

const { strokes: STROKES } = BENCH;

/** Liquid cleaning with its flash-off. */
export function liquidClean(request: SheetRequest, cleaner: BenchProduct): Step[] {
  const isTwice = request.findings.filter((one) => one.kind === 'dirt').length >= BENCH.dirtyFrom;
  return [
    {
      key: 'clean.liquid',
      kind: 'clean_liquid',
      work: { code: 'clean_liquid', isTwice },
      figures: { grams: gramsFor(request.ski, 'liquid', 1) },
      activeMin: minutesFor(request, 'clean_liquid') * (isTwice ? 2 : 1),
      caution: 'flammable',
      productId: cleaner.id,
    },
    dryStep(request, { key: 'clean.flash-off', wait: WAITS.flashOff, isSolvent: true }),
  ];
}

/** Hairs off and the structure open: what new and freshly ground bases want first. */
export function newBaseSteps(request: SheetRequest): Step[] {
  const step = (key: string, work: StepWork, strokes: number): Step => ({
    key: `new-base.${key}`,
    kind: 'open_structure',
    work,
    figures: { strokes },
    activeMin: minutesFor(request, 'open_structure'),
    caution: 'dust',
  });
  return [
    step('brush-1', { code: 'brush_new_base', isAgain: false }, STROKES.newBase),
    step('pad', { code: 'abrasive_pad' }, STROKES.newBase),
    step('brush-2', { code: 'brush_new_base', isAgain: true }, 1),
  ];
}

/** Hairs in use: a pad before the brush that opens the structure. */
export function dehairSteps(request: SheetRequest): Step[] {
  const hasHairs = request.findings.some((one) => one.kind === 'hairs');
  if (!hasHairs) return [];
  return newBaseSteps(request).filter((step) => step.work.code === 'abrasive_pad');
}
