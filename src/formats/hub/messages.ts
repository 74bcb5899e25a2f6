/** Something that a cabin wrote into a document of the book. */
export interface HubPart {
  /** The name of the document: its kind, and what its kind is parted by. */
  document: string;
  /** An update of Yjs, deflated, in base64. */
  update: string;
}

/** Up to where a cabin has read, or what of its own came in: the number of a part, and its stamp. */
export interface Cursor {
  seq: string;
  stamp: string;
  /** Within the first reading of all documents: the last one that came. */
  document?: string;
}

/** Who a cabin is in this exchange, and what it knows. */
export interface Hello {
  /** A number that the running app drew for itself: what it writes is signed by it. */
  session: number;
  cursors: (Cursor | null)[];
}

export interface Welcome {
  /** For each cursor, whether the hub still knows it. */
  known: boolean[];
  /** Now, ISO 8601 in UTC. */
  now: string;
  /** Another computer comes with the same token. */
  isTwin: boolean;
}

/** What a cabin pulls: what others wrote, by cabin, and where to go on. */
export interface Pulled {
  parts: (HubPart & { cabin: string })[];
  cursor: Cursor;
  /** There is more from here on. */
  isMore: boolean;
}

/** Parts of a push at the most, characters of one part, and of all of them. */
export const MOST_PARTS = 200;
export const MOST_PART_CHARACTERS = 16_000_000;
export const MOST_PUSHED_CHARACTERS = 4_000_000;
/** A document is no larger than this when it is unpacked. */
export const MOST_UNPACKED = 64_000_000;
