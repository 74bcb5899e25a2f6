import type { Generated } from 'kysely';

/** A push of one cabin, in the order in which they came in. */
export interface BatchTable {
  seq: Generated<string>;
  /** Names this batch for good: a hub that was put back to an older state gives its number to another one. */
  stamp: string;
  cabin: string;
  at: Date;
}

/** A record of the book of one cabin, as that cabin has it. */
export interface RecordTable {
  cabin: string;
  kind: string;
  ref: string;
  /** The batch that brought it last. */
  batch: string;
  json: string;
  /** The picture of a photo, JPEG in base64. */
  picture: string | null;
}

/** A cabin that may come in. */
export interface CabinTable {
  name: string;
  token_hash: string;
}

export interface HubTables {
  batch: BatchTable;
  record: RecordTable;
  cabin: CabinTable;
}
