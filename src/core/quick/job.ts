import { buildSheet, type Step, type StepKind } from '../bench';
import type { Discipline } from '../terms';
import type { QuickAnswer } from './answer';
import { QUICK } from './figures';
import { usualProduct, usualSki } from './usual';

/** Steps that one does as one, in the order of the bench: never more than ten. */
const STAGES: readonly (readonly StepKind[])[] = [
  ['secure', 'sharpen', 'release'],
  ['remove_grip', 'open_structure'],
  ['wax_on', 'liquid_on', 'dry'],
  ['iron', 'scrape_warm'],
  ['cool'],
  ['scrape'],
  ['brush'],
  ['rill'],
  ['grip_on', 'cork', 'klister_on'],
  ['check'],
];

/** A stage of the job: its steps. */
export type QuickStage = Step[];

interface Names {
  /** What the wax and the grip wax are called on the page. */
  wax: string;
  grip: string;
  binder: string;
}

/** The grip wax of an answer as the bench takes it. */
function gripPlan({ grip }: QuickAnswer, names: Names) {
  if (!grip) return undefined;
  const isStick = grip.kind === 'stick';
  const [startCm, endCm] = QUICK.gripZoneCm;
  const form = isStick ? 'stick' : 'tube';
  return {
    kind: isStick ? ('stick' as const) : ('klister' as const),
    product: usualProduct(names.grip, { role: isStick ? 'grip_stick' : 'klister', form }),
    binder: grip.needsBinder
      ? usualProduct(names.binder, { role: 'binder', form: 'stick' })
      : undefined,
    layers: grip.layers,
    startCm,
    endCm,
  };
}

/** The job for one pair with the wax of an answer, in at most ten stages, from the same core as every job sheet. */
export function quickJob(answer: QuickAnswer, discipline: Discipline, names: Names): QuickStage[] {
  const grip = gripPlan(answer, names);
  const { label, structureWork, demand } = answer;
  const { steps } = buildSheet({
    ski: usualSki(discipline),
    findings: [],
    programmes: [
      'hot_wax',
      ...(structureWork.rillPasses > 0 ? (['structure'] as const) : []),
      ...(grip ? [grip.kind === 'stick' ? ('grip' as const) : ('klister' as const)] : []),
    ],
    layers: [
      { place: 'glide', product: usualProduct(names.wax, { ironC: label.ironC }), coats: 1 },
    ],
    structure: {
      brush: structureWork.brush,
      rillPasses: structureWork.rillPasses,
      widthMm: demand.structure.widthMm,
    },
    grip,
    methods: {},
    room: { roomC: QUICK.roomC, isVentilated: true },
    ironing: {},
  });
  // A second rest, that of grip wax, belongs to its own stage.
  const isGripWork = ({ key }: Step) => /^(grip\.(binder|stick|cool)|klister)/.test(key);
  const stageOf = (step: Step) =>
    isGripWork(step)
      ? STAGES.findIndex((kinds) => kinds.includes('grip_on'))
      : STAGES.findIndex((kinds) => kinds.includes(step.kind));
  return STAGES.map((_, i) => steps.filter((step) => stageOf(step) === i)).filter(
    (stage) => stage.length > 0,
  );
}
