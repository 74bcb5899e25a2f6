import type { Said } from '../finding';
import type { LedgerLine, RankedProduct, Structure } from '../wax';
import type { Blend } from './blend';
import type { ByAir } from './by-air';
import type { FormAdvice } from './application';
import type { Layer } from './layers';
import type { RegretRow } from './regret';
import type { StructureWork } from './structure-work';
import type { WindowVerdict } from './window';

/** A text with the finding it says; choices from before there were findings have the text alone. */
type Rendered = Partial<Said>;

/** A line of a ledger as it was read. */
export interface RenderedLine extends Pick<LedgerLine, 'valueC'>, Rendered {
  key: string;
  label: string;
  reason: string;
}

/** A product's place in a ranking as it was read. */
export interface RenderedRanked extends Omit<RankedProduct, 'reasons'> {
  /** Over the outing, s; choices from before model 2 have none. */
  expectedLossSeconds?: number;
  lossP90Seconds?: number;
  reasons: string[];
  findings?: Said[];
}

export interface RenderedLayer extends Omit<Layer, 'reason'>, Rendered {
  reason: string;
}

/** Layers as they were read, and what was missing for more. */
export interface RenderedLayerPlan {
  layers: RenderedLayer[];
  missing: string[];
  findings?: Said[];
}

/** One way of doing a step, as it was read. */
export interface RenderedMethod {
  key: string;
  label: string;
  reason: string;
}

/** What else a choice said when it was saved, and what the technician made of it. */
export interface ChoiceDetails {
  /** One sentence of the answer as it stood. */
  sentence: string;
  equivalentSdC: number;
  layerPlan: RenderedLayerPlan;
  structure: Omit<Structure, 'reason'> & { reason: string } & Rendered;
  structureWork: Omit<StructureWork, 'how'> & { how: string } & Rendered;
  regretPercent: number;
  regret: RegretRow[];
  window?: WindowVerdict;
  blend?: Blend;
  byAir?: ByAir;
  form: Pick<FormAdvice, 'form'> & { how: string; reason: string; findings?: Said[] };
  methods: Record<string, RenderedMethod>;
  additives: string[];
  cautions: string[];
  /** Of the additives and the cautions. */
  findings?: Said[];
  /** Version of the snow model behind it; undefined for a choice on a reading. */
  outlookVersion?: string;
  override?: { insteadOfId: string; insteadOf: string; reason: string };
}
