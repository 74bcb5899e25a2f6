import type {
  PRODUCT_FIELDS,
  READING_FIELDS,
  RowOf,
  SEGMENT_FIELDS,
  SKI_FIELDS,
  STOCK_MOVE_FIELDS,
  VENUE_FIELDS,
} from '../core/model';
import type { ColumnType, Generated, Insertable, Selectable } from 'kysely';
import type { StepKind, StepOutcome } from '../core/bench';
import type { BaseSide, Discipline, FindingKind, Purpose, SkiEventKind } from '../core/terms';

/** Written once; an update is a type error (and a trigger refuses it). */
type Fixed<T> = ColumnType<T, T, never>;
/** All columns of a row written once. */
type Written<Row> = { [Column in keyof Row]: Fixed<Row[Column]> };
type SqlBoolean = 0 | 1;

export interface VenueTable extends RowOf<typeof VENUE_FIELDS> {
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
export type ReadingTable = Written<RowOf<typeof READING_FIELDS>> & { withdrawn: Fixed<SqlBoolean> };

export interface ProductTable extends Omit<RowOf<typeof PRODUCT_FIELDS>, 'version'> {
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
}

/** Append-only: what came, went, or was found on weighing. Grams are signed. */
export type StockMoveTable = Written<RowOf<typeof STOCK_MOVE_FIELDS>>;

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

export interface SegmentTable extends RowOf<typeof SEGMENT_FIELDS> {
  venue_id: string;
  position: number;
}

export interface PhotoTable {
  id: string;
  reading_id: string;
  jpeg: Buffer;
  created_at: string;
}

export interface SkiTable extends RowOf<typeof SKI_FIELDS> {
  removed_at: Generated<string | null>;
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
