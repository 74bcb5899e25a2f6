import type { SurfaceKind } from '../core/snow/outlook';
import type { ColumnType, Insertable, Selectable } from 'kysely';
import type {
  Dirt,
  Discipline,
  Form,
  Grain,
  HandHardness,
  Origin,
  Purpose,
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
  created_at: Fixed<string>;
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

export interface Tables {
  photo: PhotoTable;
  station: StationTable;
  venue_station: VenueStationTable;
  weather: WeatherTable;
  segment: SegmentTable;
  venue: VenueTable;
  outing: OutingTable;
  reading: ReadingTable;
  product: ProductTable;
  choice: ChoiceTable;
}

export type VenueRow = Selectable<VenueTable>;
export type OutingRow = Selectable<OutingTable>;
export type ReadingRow = Selectable<ReadingTable>;
export type NewReading = Insertable<ReadingTable>;
export type ProductRow = Selectable<ProductTable>;
export type ChoiceRow = Selectable<ChoiceTable>;
export type NewChoice = Insertable<ChoiceTable>;
