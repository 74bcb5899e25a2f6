import type { Generated, Kysely } from 'kysely';

/** What a cabin wrote into a document, in the order in which it came in. */
export interface PartTable {
  seq: Generated<string>;
  /** Names this part for good: a hub that was put back to an older state gives its number to another one. */
  stamp: string;
  document: string;
  /** Empty: the hub itself, which set something back. */
  cabin: string;
  session: string;
  at: Date;
  /** Deflated. */
  update: Buffer;
}

/** A document as all parts together make it. */
export interface DocumentTable {
  name: string;
  /** Deflated. */
  state: Buffer;
  /** Which cabin brought which record first: JSON of pairs. */
  owners: string;
}

/** A number by which a running app signs what it writes, and the cabin that came with it first; empty: nobody yet. */
export interface SessionTable {
  id: string;
  cabin: string;
}

/** The picture of a photo, JPEG. */
export interface PictureTable {
  kind: string;
  ref: string;
  cabin: string;
  jpeg: Buffer;
}

/** A cabin that may come in. */
export interface CabinTable {
  name: string;
  token_hash: string;
  /** The session that came last. */
  session: string | null;
  seen_at: Date | null;
  /** What it has handed in so far. */
  bytes: string;
}

/** What an older hub kept: a record of the book of one cabin, as that cabin had it. */
export interface RecordTable {
  cabin: string;
  kind: string;
  ref: string;
  batch: string;
  json: string;
  picture: string | null;
}

export interface HubTables {
  part: PartTable;
  document: DocumentTable;
  session: SessionTable;
  picture: PictureTable;
  cabin: CabinTable;
  record: RecordTable;
}

/** The database of a hub. */
export type Hub = Kysely<HubTables>;
