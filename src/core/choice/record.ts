import type { Structure } from '../wax';
import type { FormAdvice } from './application';
import type { Blend } from './blend';
import type { ByAir, RobustChoice } from './choose';
import type { LayerPlan } from './layers';
import type { MethodOption } from './methods';
import type { RobustRanked } from './ranking';
import type { RegretRow } from './regret';
import { answerSentence } from './sentence';
import type { StructureWork } from './structure-work';
import type { WindowVerdict } from './window';

/** What else a choice said when it was saved, and what the technician made of it. */
export interface ChoiceDetails {
  /** One sentence of the answer as it stood. */
  sentence: string;
  equivalentSdC: number;
  layerPlan: LayerPlan;
  structure: Structure;
  structureWork: StructureWork;
  regretPercent: number;
  regret: RegretRow[];
  window?: WindowVerdict;
  blend?: Blend;
  byAir?: ByAir;
  form: FormAdvice;
  methods: Record<string, MethodOption>;
  additives: string[];
  cautions: string[];
  /** Version of the snow model behind it; undefined for a choice on a reading. */
  outlookVersion?: string;
  override?: { insteadOfId: string; insteadOf: string; reason: string };
}

const inCelsius = (celsius: number) => `${celsius.toFixed(1).replace('-', '−')} °C`;

/** A choice as it is kept for years: all that it said, in words and figures. */
export function choiceDetails(
  choice: RobustChoice,
  taken: RobustRanked,
  form: FormAdvice,
  methods: Record<string, MethodOption>,
  more: Pick<ChoiceDetails, 'outlookVersion' | 'override'>,
): ChoiceDetails {
  return {
    sentence: answerSentence(choice, taken, form, inCelsius),
    equivalentSdC: choice.equivalentSdC,
    layerPlan: choice.layerPlan,
    structure: choice.structure,
    structureWork: choice.structureWork,
    regretPercent: choice.regretPercent,
    regret: choice.regret,
    window: choice.window,
    blend: choice.blend,
    byAir: choice.byAir,
    form,
    methods,
    additives: choice.additives.map((one) => one.reason),
    cautions: choice.cautions,
    ...more,
  };
}
