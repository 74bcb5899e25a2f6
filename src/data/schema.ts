import type { SurfaceKind } from '../core/snow/outlook';
import type { ColumnType, Generated, Insertable, Selectable } from 'kysely';
import type { StepKind, StepOutcome } from '../core/bench';
import type {
  BaseSide,
  BaseType,
  Dirt,
  Discipline,
  FindingKind,
  Form,
  Grain,
  HandHardness,
  Origin,
  ProductRole,
  Purpose,
  SkiEventKind,
  SkiType,
  StockMoveKind,
  Wetness,
} from '../core/terms';

/** Written once; an update is a type error (and a trigger refuses it). */
type Fixed<T> = ColumnType<T, T, never>;
type SqlBoolean = 0 | 1;

export interface VenueTable {
  id: string;
  name: string;
  altitude_m: number;
  latitude: number;
  longitude: number;
  time_zone: string;
  own_correction_c: number;
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
  course_version: Generated<number>;
}

export interface OutingTable {
  id: string;
  venue_id: string;
  name: string;
  discipline: Discipline;
  purpose: Purpose;
  distance_km: number;
  start_at: string;
  fluorocarbons_allowed: SqlBoolean;
  hours_on_snow: number | null;
  created_at: Fixed<string>;
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
}

/** Append-only: a correction is a further row that names the one it corrects. */
export interface ReadingTable {
  id: Fixed<string>;
  outing_id: Fixed<string>;
  taken_at: Fixed<string>;
  source: Fixed<string>;
  snow_temperature_c: Fixed<number>;
  snow_temperature_sd_c: Fixed<number>;
  air_temperature_c: Fixed<number | null>;
  humidity_fraction: Fixed<number>;
  origin: Fixed<Origin>;
  grain: Fixed<Grain | null>;
  sharpness: Fixed<number | null>;
  wetness: Fixed<Wetness>;
  dirt: Fixed<Dirt>;
  glazed: Fixed<SqlBoolean>;
  hand_hardness: Fixed<HandHardness | null>;
  spot: Fixed<string | null>;
  note: Fixed<string | null>;
  import_id: Fixed<string | null>;
  corrects_id: Fixed<string | null>;
  withdrawn: Fixed<SqlBoolean>;
  created_at: Fixed<string>;
}

export interface ProductTable {
  id: string;
  name: string;
  form: Form;
  label_low_c: number;
  label_high_c: number;
  /** JSON list of additive words. */
  additives: string;
  /** The user's own colour of the block, #rrggbb. */
  swatch: string | null;
  role: ProductRole;
  /** JSON list of ways to put it on. */
  applications: string;
  label2_low_c: number | null;
  label2_high_c: number | null;
  iron_c: number | null;
  iron_limit_c: number | null;
  melting_c: number | null;
  hardness_sd: number | null;
  container_g: number | null;
  price: number | null;
  preference: string | null;
  opened_on: string | null;
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
}

/** Append-only: what came, went, or was found on weighing. Grams are signed. */
export interface StockMoveTable {
  id: Fixed<string>;
  product_id: Fixed<string>;
  kind: Fixed<StockMoveKind>;
  grams: Fixed<number>;
  note: Fixed<string | null>;
  at: Fixed<string>;
}

/** What a team set once for all outings, as JSON by key. */
export interface TeamSettingTable {
  key: string;
  value: string;
}

/** What was measured or tried for grip on an outing, as JSON. */
export interface GripNoteTable {
  id: string;
  outing_id: string;
  kind: 'fit' | 'trouble';
  content: string;
  at: string;
}

/** Append-only, with everything needed to read it in ten years. */
export interface ChoiceTable {
  id: Fixed<string>;
  outing_id: Fixed<string>;
  reading_id: Fixed<string | null>;
  product_id: Fixed<string>;
  product_name: Fixed<string>;
  equivalent_temperature_c: Fixed<number>;
  hardness: Fixed<number>;
  /** JSON: snow, outing, own correction and the products as they were. */
  inputs: Fixed<string>;
  /** JSON: the ledger's lines. */
  ledger: Fixed<string>;
  /** JSON: the ranking as it was shown. */
  ranking: Fixed<string>;
  /** JSON: what else the choice said, and the override; null in choices from before. */
  details: Fixed<string | null>;
  model_version: Fixed<string>;
  note: Fixed<string | null>;
  corrects_id: Fixed<string | null>;
  withdrawn: Fixed<SqlBoolean>;
  created_at: Fixed<string>;
}

export interface StationTable {
  id: string;
  name: string;
  altitude_m: number;
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
}

export interface VenueStationTable {
  venue_id: string;
  station_id: string;
}

export interface WeatherTable {
  station_id: string;
  /** ISO 8601 in UTC. */
  time: string;
  air_temperature_c: number;
  humidity_fraction: number;
  wind_m_per_s: number;
  cloud_fraction: number;
  precipitation_mm: number | null;
  global_radiation_w_per_m2: number | null;
  source: string;
  taken_in_at: string;
}

export interface SegmentTable {
  venue_id: string;
  position: number;
  name: string;
  length_m: number;
  altitude_m: number;
  slope_deg: number;
  aspect_deg: number;
  shade_fraction: number;
  /** Wind by that of the station. */
  exposure: number;
  surface: SurfaceKind;
}

export interface PhotoTable {
  id: string;
  reading_id: string;
  jpeg: Buffer;
  created_at: string;
}

export interface SkiTable {
  id: string;
  name: string;
  owner: string;
  type: SkiType;
  length_cm: number;
  waist_mm: number;
  base_type: BaseType;
  grind_mm: number | null;
  grind_pattern: string | null;
  ground_on: string | null;
  base_bevel_deg: number | null;
  side_bevel_deg: number | null;
  has_brakes: SqlBoolean;
  purpose: Purpose;
  note: string | null;
  /** Taken off the rack; its past stays. */
  removed_at: string | null;
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
}

/** Details as JSON; `job_id` where a job of the bench wrote it. */
export interface SkiEventTable {
  id: string;
  ski_id: string;
  kind: SkiEventKind;
  details: string;
  at: string;
  job_id: string | null;
}

export interface FindingTable {
  id: string;
  ski_id: string;
  kind: FindingKind;
  position_cm: number;
  side: BaseSide;
  found_at: string;
  cleared_at: string | null;
  cleared_by_job: string | null;
}

export interface SkiPhotoTable {
  id: string;
  ski_id: string;
  jpeg: Buffer;
  created_at: string;
}

/** A job sheet that is run, with its sheet as JSON. */
export interface JobTable {
  id: string;
  outing_id: string;
  ski_id: string;
  choice_id: string | null;
  sheet: string;
  started_at: string;
  ended_at: string | null;
  /** Put away unfinished. */
  dropped_at: string | null;
}

/** A step that was begun; timers are the waits among them, all moments absolute. */
export interface JobStepTable {
  job_id: string;
  position: number;
  kind: StepKind;
  started_at: string;
  due_at: string | null;
  least_at: string | null;
  ended_at: string | null;
  outcome: StepOutcome | null;
  skip_reason: string | null;
  set_c: number | null;
  grams: number | null;
}

/** A write that was done for a key that a client made, with its answer as JSON. */
export interface WriteKeyTable {
  key: Fixed<string>;
  deed: Fixed<string>;
  answer: Fixed<string>;
  at: Fixed<string>;
}

export interface Tables {
  write_key: WriteKeyTable;
  ski: SkiTable;
  ski_event: SkiEventTable;
  finding: FindingTable;
  ski_photo: SkiPhotoTable;
  job: JobTable;
  job_step: JobStepTable;
  photo: PhotoTable;
  station: StationTable;
  venue_station: VenueStationTable;
  weather: WeatherTable;
  segment: SegmentTable;
  venue: VenueTable;
  outing: OutingTable;
  reading: ReadingTable;
  product: ProductTable;
  stock_move: StockMoveTable;
  team_setting: TeamSettingTable;
  grip_note: GripNoteTable;
  choice: ChoiceTable;
}

export type SkiRow = Selectable<SkiTable>;
export type SkiEventRow = Selectable<SkiEventTable>;
export type JobStepRow = Selectable<JobStepTable>;
export type VenueRow = Selectable<VenueTable>;
export type ReadingRow = Selectable<ReadingTable>;
export type NewReading = Insertable<ReadingTable>;
export type ProductRow = Selectable<ProductTable>;
export type ChoiceRow = Selectable<ChoiceTable>;
