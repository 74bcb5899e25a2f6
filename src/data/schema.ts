import type {
  DISPUTE_FIELDS,
  DRILL_ANSWER_FIELDS,
  LEARNER_FIELDS,
  CHOICE_FIELDS,
  DEVICE_FIELDS,
  FINDING_FIELDS,
  GLIDE_RUN_FIELDS,
  GRIP_TEST_FIELDS,
  OUTCOME_FIELDS,
  GLIDE_TEST_FIELDS,
  JOB_FIELDS,
  LogKind,
  NOTE_FIELDS,
  OUTING_FIELDS,
  PLAN_FIELDS,
  PRODUCT_FIELDS,
  READING_FIELDS,
  RowOf,
  SEGMENT_FIELDS,
  SKI_EVENT_FIELDS,
  SKI_FIELDS,
  SKIER_FIELDS,
  STARTER_FIELDS,
  STATION_FIELDS,
  STEP_RECORD_FIELDS,
  STOCK_MOVE_FIELDS,
  TRACK_EVENT_FIELDS,
  VENUE_FIELDS,
  WEATHER_FIELDS,
} from '../core/model';
import type {
  HubDecidedTable,
  HubLinkTable,
  HubSentTable,
  SharedDocumentTable,
  SharedHeldTable,
  SharedPictureTable,
  SharedRemovalTable,
  SharedSessionTable,
  SharedTouchedTable,
} from './schema-hub';
import type { ColumnType, Generated, Insertable, Selectable } from 'kysely';
import type { StepKind } from '../core/bench';

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

export interface OutingTable extends RowOf<typeof OUTING_FIELDS> {
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
  /** The pair that was measured; null: of no pair on the rack. */
  ski_id: string | null;
  kind: 'fit' | 'trouble';
  content: string;
  at: string;
}

/** Append-only, with everything needed to read it in ten years. */
export type ChoiceTable = Written<RowOf<typeof CHOICE_FIELDS>> & { withdrawn: Fixed<SqlBoolean> };

export interface StationTable extends RowOf<typeof STATION_FIELDS> {
  /** Raised by each change: a save that stands on an older one is merged or refused. */
  version: Generated<number>;
}

export interface VenueStationTable {
  venue_id: string;
  station_id: string;
}

export interface WeatherTable extends RowOf<typeof WEATHER_FIELDS> {
  station_id: string;
  source: string;
  taken_in_at: string;
}

export interface SegmentTable extends RowOf<typeof SEGMENT_FIELDS> {
  venue_id: string;
  position: number;
}

/** What was done to the tracks of an outing. */
export type TrackEventTable = RowOf<typeof TRACK_EVENT_FIELDS>;

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
export interface SkiEventTable extends RowOf<typeof SKI_EVENT_FIELDS> {
  details: string;
}

export interface FindingTable extends RowOf<typeof FINDING_FIELDS> {
  cleared_at: string | null;
  cleared_by_job: string | null;
}

export interface SkiPhotoTable {
  id: string;
  ski_id: string;
  jpeg: Buffer;
  created_at: string;
}

/** A job sheet that is run; `dropped_at`: put away unfinished. */
export type JobTable = RowOf<typeof JOB_FIELDS>;

/** A step that was begun; timers are the waits among them, all moments absolute. */
export interface JobStepTable extends RowOf<typeof STEP_RECORD_FIELDS> {
  job_id: string;
  kind: StepKind;
}

/** A write that was done for a key that a client made, with its answer as JSON. */
export interface WriteKeyTable {
  key: Fixed<string>;
  deed: Fixed<string>;
  /** Shortened once nobody waits for it. */
  answer: string;
  at: Fixed<string>;
}

/** A computed outlook by the hash of its input. */
export interface OutlookTable {
  key: string;
  at: string;
  answer: Buffer;
}

/** Somebody whose skis the bench prepares. */
export type GlideTestTable = RowOf<typeof GLIDE_TEST_FIELDS>;
export type GlideRunTable = RowOf<typeof GLIDE_RUN_FIELDS>;
export type OutcomeTable = RowOf<typeof OUTCOME_FIELDS>;
export type GripTestTable = RowOf<typeof GRIP_TEST_FIELDS>;
export type NoteTable = RowOf<typeof NOTE_FIELDS>;

/** A device or token that may reach this server. */
export type DeviceTable = RowOf<typeof DEVICE_FIELDS>;

/** Whose hand writes at this moment: one row. */
export interface HandTable {
  id: Generated<number>;
  name: string;
}

/** A hand that wrote to a record; triggers of the database write it. */
export interface SignatureTable {
  kind: Fixed<string>;
  /** The keys of the record, joined by `|`. */
  ref: Fixed<string>;
  hand: Fixed<string>;
}

/** What stands in the log, in one order of time; triggers of the database write it. */
export interface LogEntryTable {
  id: Generated<number>;
  kind: LogKind;
  ref_id: string;
  outing_id: string | null;
  ski_id: string | null;
  at: string;
  words: string;
}

/** What was removed for good, and when it came back; triggers of the database write it. */
export interface GoneTable {
  kind: string;
  ref: string;
  gone_at: string;
  back_at: string | null;
}

export type SkierTable = RowOf<typeof SKIER_FIELDS>;

/** Who is on which outing, on what. */
export type StarterTable = RowOf<typeof STARTER_FIELDS>;

/** Who practises, what they answered, and what they dispute. */
export type LearnerTable = RowOf<typeof LEARNER_FIELDS>;
export type DrillAnswerTable = RowOf<typeof DRILL_ANSWER_FIELDS>;
export type DisputeTable = RowOf<typeof DISPUTE_FIELDS>;

/** Plans of the bench: the newest is the one in force, and taking it back brings the one before. */
export type BenchPlanTable = RowOf<typeof PLAN_FIELDS>;

export interface Tables {
  glide_test: GlideTestTable;
  glide_run: GlideRunTable;
  outcome: OutcomeTable;
  note: NoteTable;
  grip_test: GripTestTable;
  device: DeviceTable;
  hand: HandTable;
  signature: SignatureTable;
  hub_link: HubLinkTable;
  hub_sent: HubSentTable;
  hub_decided: HubDecidedTable;
  shared_document: SharedDocumentTable;
  shared_touched: SharedTouchedTable;
  shared_session: SharedSessionTable;
  shared_held: SharedHeldTable;
  shared_removal: SharedRemovalTable;
  shared_picture: SharedPictureTable;
  learner: LearnerTable;
  drill_answer: DrillAnswerTable;
  dispute: DisputeTable;
  log_entry: LogEntryTable;
  gone: GoneTable;
  skier: SkierTable;
  starter: StarterTable;
  bench_plan: BenchPlanTable;
  outlook: OutlookTable;
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
  track_event: TrackEventTable;
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
export type JobStepRow = Selectable<JobStepTable>;
export type VenueRow = Selectable<VenueTable>;
export type ReadingRow = Selectable<ReadingTable>;
export type NewReading = Insertable<ReadingTable>;
export type ProductRow = Selectable<ProductTable>;
