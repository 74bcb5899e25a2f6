import { HAS_EDGES } from '../ski';
import { minutesFor } from './amounts';
import { BENCH } from './figures';
import type { SheetRequest, Step, StepFigures } from './types';
import type { StepWork } from './work';

const { bevelDeg: BEVEL_DEG, strokes: STROKES } = BENCH;

const edge = (
  request: SheetRequest,
  key: string,
  { work, figures = {} }: { work: StepWork; figures?: StepFigures },
): Step => ({
  key: `edge.${key}`,
  kind: 'edge',
  work,
  figures,
  activeMin: minutesFor(request, 'edge'),
  caution: 'file',
});

/** Filings off edges, base and bench, before a cloth or a brush drags them over the base. */
const wipeStep = (request: SheetRequest): Step => ({
  key: 'edge.wipe',
  kind: 'wipe',
  work: { code: 'wipe_filings' },
  figures: {},
  activeMin: minutesFor(request, 'wipe'),
  caution: 'file',
});

/** Sidewall, hardened spots, base and side bevel through the grits, tips and burr. Always before wax. */
function sharpen(request: SheetRequest): Step[] {
  const base = request.ski.baseBevelDeg ?? BEVEL_DEG.base;
  const side = request.ski.sideBevelDeg ?? BEVEL_DEG.side;
  const hasBurrs = request.findings.some((one) => one.kind === 'burr');
  const step = (key: string, work: StepWork, figures: StepFigures) =>
    edge(request, key, { work, figures });
  const wall = { angleDeg: side + 1 };
  const bevel = (angleDeg: number) => ({ angleDeg, strokes: STROKES.bevel });
  return [
    step('sidewall', { code: 'sidewall', ...wall }, { ...wall, strokes: STROKES.sidewall }),
    step(
      'case',
      { code: 'case_off', hasBurrs },
      { strokes: hasBurrs ? STROKES.burr : STROKES.case },
    ),
    step('base', { code: 'base_bevel', angleDeg: base }, bevel(base)),
    step('side', { code: 'side_bevel', angleDeg: side }, bevel(side)),
    step('detune', { code: 'detune' }, { angleDeg: BEVEL_DEG.tip, strokes: STROKES.detune }),
  ];
}

/** Steel edges: rust off by the stone wherever it was seen, and the whole edge where it is asked for. */
export function edgeSteps(request: SheetRequest, isAsked: boolean): Step[] {
  if (!HAS_EDGES[request.ski.type]) return [];
  const hasRust = request.findings.some((one) => one.kind === 'rust');
  const steps = [
    ...(hasRust
      ? [edge(request, 'rust', { work: { code: 'rust_off' }, figures: { strokes: STROKES.burr } })]
      : []),
    ...(isAsked ? sharpen(request) : []),
  ];
  return steps.length > 0 ? [...steps, wipeStep(request)] : [];
}
