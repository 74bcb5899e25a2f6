import type { PassTiming } from '../iron';
import type { Additive, Application, Form, ProductRole } from '../terms';
import type { LayerPlace } from '../choice';
import type { School } from '../choice';
import type { Finding, Ski } from '../ski';
import type { SettingReason, SheetNote, StepCaution, StepWork } from './work';

/** What a step is, so that its order can be checked and its minutes learned. */
export const STEP_KINDS = [
  'secure',
  'repair',
  'edge',
  'clean_liquid',
  'flash_off',
  'remove_grip',
  'open_structure',
  'wax_on',
  'iron',
  'scrape_warm',
  'cool',
  'scrape',
  'brush',
  'liquid_on',
  'dry',
  'cork',
  'rill',
  'top_on',
  'grip_on',
  'klister_on',
  'pattern',
  'skin',
  'store',
  'check',
  'sharpen',
  'release',
  'dab',
  'wipe',
  'skin_cover',
  'hot_box',
  'send',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** Steps that need no hands: a timer runs. */
export const WAIT_KINDS: readonly StepKind[] = ['flash_off', 'cool', 'dry', 'hot_box'];

/** Figures of a step, each only where it applies: passes and strokes on each ski, grams for the pair or board. */
export interface StepFigures {
  temperatureC?: number;
  /** Of the first pass. */
  passS?: number;
  passes?: number;
  /** Each pass with its own pace and the rest after it, s. */
  timings?: PassTiming[];
  /** Share of what is empty in the base that these passes fill. */
  uptakeFraction?: number;
  strokes?: number;
  /** Of a hot box: the hours at its warm end that give as much. */
  boxHours?: number;
  grams?: number;
  angleDeg?: number;
}

export interface Step {
  /** Unique in its sheet. */
  key: string;
  kind: StepKind;
  work: StepWork;
  figures: StepFigures;
  activeMin: number;
  /** Of a wait: how long, and the least that makes sense. */
  waitMin?: number;
  waitLeastMin?: number;
  caution?: StepCaution;
  /** Why, where it is not the usual reason of the work. */
  reason?: SettingReason;
  /** The way of working that this step follows, where schools differ. */
  school?: School;
  /** Taken from the shelf when the step is done. */
  productId?: string;
}

/** A product as the bench needs it. */
export interface BenchProduct {
  id: string;
  name: string;
  role: ProductRole;
  form: Form;
  additives: readonly Additive[];
  applications: readonly Application[];
  /** Iron temperature and the most the label allows, °C. */
  ironC?: number;
  ironLimitC?: number;
  meltingC?: number;
  /** Minutes until its film is dry, by the label. */
  dryMin?: number;
}

export interface PlannedLayer {
  place: LayerPlace;
  product: BenchProduct;
  coats: number;
}

/** Iron temperature and pace for one product on this ski, from the iron lab or the label. */
export interface IronSetting {
  setC: number;
  passes: readonly PassTiming[];
  /** Share of what is empty in the base that they fill; absent: not known, the house's usual. */
  uptakeFraction?: number;
  /** Where the setting comes from, for the step's reason. */
  why?: SettingReason;
  /** Whether this iron keeps its temperature under way; absent: not known. */
  isHeld?: boolean;
}

export interface GripPlan {
  kind: 'stick' | 'klister' | 'klister_with_cover';
  product: BenchProduct;
  binder?: BenchProduct;
  cover?: BenchProduct;
  layers: number;
  /** From the heel plate forward, cm. */
  startCm: number;
  endCm: number;
}

export const PROGRAMMES = [
  'edges',
  'clean_liquid',
  'clean_hot_scrape',
  'new_base',
  'hot_wax',
  'powder',
  'liquid',
  'liquid_ironed',
  'hardening',
  'structure',
  'top_roller',
  'top_sponge',
  'grip',
  'klister',
  'pattern',
  'skin',
  'storage',
  'snowboard',
  'hot_box',
] as const;
export type Programme = (typeof PROGRAMMES)[number];

/** All that a sheet is built from. */
export interface SheetRequest {
  ski: Ski;
  findings: readonly Finding[];
  programmes: readonly Programme[];
  layers: readonly PlannedLayer[];
  /** The structure of the day; `note` where this ski's own grind does not go with it. */
  structure?: { brush: 'steel' | 'brass'; rillPasses: number; widthMm: number; note?: SheetNote };
  grip?: GripPlan;
  /** What the shelf has besides the layers. */
  softWax?: BenchProduct;
  baseLiquid?: BenchProduct;
  cleaner?: BenchProduct;
  skinCare?: BenchProduct;
  /** Keys of the schools in force by group; the house's where absent. */
  methods: Readonly<Record<string, string>>;
  room: { roomC: number; isVentilated: boolean };
  ironing: Readonly<Record<string, IronSetting>>;
  /** Active minutes of a kind of step as this bench works; the house's where absent. */
  minutes?: Readonly<Partial<Record<StepKind, number>>>;
}

export interface JobSheet {
  title: string;
  /** Two skis or one board: what a step does on each, and grams for all; absent on sheets of before. */
  pieces?: 1 | 2;
  programmes: Programme[];
  steps: Step[];
  /** What could not be put on the sheet, and why. */
  notes: SheetNote[];
  activeMin: number;
  waitMin: number;
}
