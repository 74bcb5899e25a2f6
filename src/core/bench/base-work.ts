import { HAS_EDGES, readLookOver } from '../ski';
import { CAUTIONS } from './cautions';
import { gramsFor, minutesFor } from './figures';
import type { BenchProduct, SheetRequest, Step } from './types';
import { dryStep, WAITS } from './waits';

/** The ski made fast and safe to work on. */
export function secureStep(request: SheetRequest): Step {
  const { ski } = request;
  const isBoard = ski.type === 'snowboard';
  const brakes = ski.hasBrakes ? ' Brakes held up with a band.' : '';
  return {
    key: 'secure',
    kind: 'secure',
    title: 'Warm it and make it fast',
    tool: isBoard ? 'Board vice' : 'Vice or form',
    what: `Bring it to the room’s warmth, wipe it dry, base up.${brakes}`,
    figures: {},
    activeMin: minutesFor(request, 'secure'),
    doneWhen: 'It does not move under the hand; the base is dry.',
    caution: CAUTIONS.secure,
    reason: 'A cold or damp base takes no wax.',
  };
}

/** The screws of a board's bindings: a turn loose before heat, tight after it. */
export function screwStep(request: SheetRequest, isBefore: boolean): Step {
  return {
    key: isBefore ? 'board.screws' : 'board.tighten',
    kind: 'secure',
    title: isBefore ? 'Screws a turn loose' : 'Screws tight again',
    tool: 'Screwdriver',
    what: isBefore
      ? 'Binding screws a turn loose, or the bindings off; mark where they stood.'
      : 'Bindings back to their marks, screws tight by hand.',
    figures: {},
    activeMin: minutesFor(request, 'secure'),
    doneWhen: isBefore ? 'The base lies flat over the inserts.' : 'Nothing moves.',
    caution: CAUTIONS.binding,
    reason: 'Tight screws pull dents into the base when it is warm.',
  };
}

/** What the look-over asks for before edges and wax. */
export function repairSteps(request: SheetRequest): Step[] {
  const { items } = readLookOver(request.findings, request.ski);
  return items
    .filter((one) => one.group === 'repair')
    .map((one) => ({
      key: `repair.${one.kind}`,
      kind: 'repair' as const,
      title: `Fill: ${one.places === 1 ? 'one place' : `${one.places} places`}`,
      tool: 'Base filler and metal scraper',
      what: one.action,
      figures: {},
      activeMin: minutesFor(request, 'repair') * Math.max(1, one.places / 2),
      doneWhen: 'Flush to the fingernail.',
      caution: 'Burning filler drips: a metal plate beneath, no solvent near.',
      reason: one.meaning,
    }));
}

const edge = (request: SheetRequest, step: Omit<Step, 'kind' | 'activeMin'>): Step => ({
  kind: 'edge',
  activeMin: minutesFor(request, 'edge'),
  caution: CAUTIONS.file,
  ...step,
});

const BASE_BEVEL_DEG = 1;
const SIDE_BEVEL_DEG = 2;

/** Steel edges: sidewall, base and side bevel through the grits, detune, burr off. Always before wax. */
export function edgeSteps(request: SheetRequest): Step[] {
  const { ski } = request;
  if (!HAS_EDGES[ski.type]) return [];
  const base = ski.baseBevelDeg ?? BASE_BEVEL_DEG;
  const side = ski.sideBevelDeg ?? SIDE_BEVEL_DEG;
  const hasBurr = request.findings.some((one) => one.kind === 'burr');
  const hasRust = request.findings.some((one) => one.kind === 'rust');
  const steps: Step[] = [
    edge(request, {
      key: 'edge.sidewall',
      title: 'Sidewall back',
      tool: 'Sidewall planer',
      what: `Take the sidewall back at ${side + 1}°, long overlapping strokes tip to tail.`,
      figures: { angleDeg: side + 1, strokes: 3 },
      doneWhen: 'The file meets steel only.',
      reason: 'Sidewall clogs the file and lifts it off its angle.',
    }),
  ];
  if (hasRust || hasBurr) {
    steps.push(
      edge(request, {
        key: 'edge.case',
        title: hasBurr ? 'Hardened burr off' : 'Rust off',
        tool: 'Coarse diamond',
        what: 'Wet, light, until it runs without ticking.',
        figures: { strokes: 6 },
        doneWhen: 'No ticks under the finger along the edge.',
        reason: hasBurr ? 'A case-hardened spot ruins a file.' : 'Rust hides notches.',
      }),
    );
  }
  steps.push(
    edge(request, {
      key: 'edge.base',
      title: `Base bevel ${base}°`,
      tool: 'File guide and fine file',
      what: 'One or two light passes tip to tail; no more than is needed.',
      figures: { angleDeg: base, strokes: 2 },
      doneWhen: 'The ink of the marker is gone along the whole edge.',
      reason: 'Steel once taken from the base side does not come back without a grind.',
    }),
    edge(request, {
      key: 'edge.side',
      title: `Side bevel ${side}°`,
      tool: 'Coarse file, second-cut file, fine diamond',
      what: 'Coarse, then second cut, 1–2 passes each, then fine diamond; long overlapping strokes tip to tail.',
      figures: { angleDeg: side, strokes: 2 },
      doneWhen: 'Smooth, no ticks; it shaves a fingernail.',
      reason: 'Grit by grit takes out what the one before left.',
    }),
    edge(request, {
      key: 'edge.detune',
      title: 'Detune and burr off',
      tool: 'Rubber stone',
      what: 'The last 8 to 12 cm of tip and tail at 45°, then one light pass along all edges.',
      figures: { angleDeg: 45, strokes: 1 },
      doneWhen: 'Nothing catches a cloth.',
      reason: 'A sharp tip hooks; a burr drags.',
    }),
  );
  return steps;
}

/** Liquid cleaning with its flash-off. */
export function liquidClean(request: SheetRequest, cleaner: BenchProduct): Step[] {
  const isDirty = request.findings.filter((one) => one.kind === 'dirt').length > 2;
  return [
    {
      key: 'clean.liquid',
      kind: 'clean_liquid',
      title: 'Clean with liquid',
      tool: 'Cleaner, cloth, soft brush',
      what: `On with a cloth, soak 10 to 15 min, wipe off${isDirty ? '; twice, it is dirty' : ''}. Lid on.`,
      figures: { grams: gramsFor(request.ski, 'liquid', 1) },
      activeMin: minutesFor(request, 'clean_liquid') * (isDirty ? 2 : 1),
      doneWhen: 'A white cloth stays white.',
      caution: CAUTIONS.flammable,
      reason: 'Old wax and grime keep new wax out.',
      productId: cleaner.id,
    },
    dryStep(request, 'clean.flash-off', WAITS.flashOff, true),
  ];
}

/** Hairs off and the structure open: what new and freshly ground bases want first. */
export function newBaseSteps(request: SheetRequest): Step[] {
  const step = (
    key: string,
    title: string,
    tool: string,
    strokes: number,
    reason: string,
  ): Step => ({
    key: `new-base.${key}`,
    kind: 'open_structure',
    title,
    tool,
    what: 'Tip to tail only, light, then wipe the dust off.',
    figures: { strokes },
    activeMin: minutesFor(request, 'open_structure'),
    doneWhen: 'Nothing catches a cotton pad.',
    caution: CAUTIONS.dust,
    reason,
  });
  return [
    step(
      'brush-1',
      'Fine steel brush',
      'Fine steel brush',
      5,
      'Lifts what the stone left standing.',
    ),
    step('pad', 'Abrasive pad', 'Fine abrasive pad', 5, 'Cuts the hairs that stand.'),
    step('brush-2', 'Fine steel brush once more', 'Fine steel brush', 1, 'Clears the cut hairs.'),
  ];
}

/** Hairs in use: a pad before the brush that opens the structure. */
export function dehairSteps(request: SheetRequest): Step[] {
  const hasHairs = request.findings.some((one) => one.kind === 'hairs');
  if (!hasHairs) return [];
  return newBaseSteps(request).filter((one) => one.key === 'new-base.pad');
}
