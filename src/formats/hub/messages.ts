/** A record as a cabin hands it to the hub, and as the hub hands it on. */
export interface HubRecord {
  /** A kind of the book, or `gone`. */
  kind: string;
  /** The keys of the record, joined by `|`. */
  ref: string;
  /** The record as JSON. */
  json: string;
  /** The picture of a photo, JPEG in base64. */
  picture?: string;
}

/** Up to where a cabin has read, or what of its own came in: the number of a batch, and its stamp. */
export interface Cursor {
  seq: string;
  stamp: string;
}

/** What a cabin pulls: records of the others, by cabin, and where to go on. */
export interface Pulled {
  records: (HubRecord & { cabin: string })[];
  cursor: Cursor | null;
  /** There is more from here on. */
  isMore: boolean;
}

/** Records and characters of a push at the most. */
export const MOST_PUSHED = 500;
export const MOST_PUSHED_CHARACTERS = 4_000_000;
