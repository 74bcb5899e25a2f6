import type { ColumnType, Insertable, Selectable } from 'kysely';
import type { Dirt, Discipline, Form, Grain, Origin, Purpose, Wetness } from '../core/terms';

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

export interface Tables {
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
