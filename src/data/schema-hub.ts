/** The hub of this cabin: at most one row. */
export interface HubLinkTable {
  id: number;
  url: string;
  token: string;
  pulled: string | null;
  pushed: string | null;
  agreed_at: string | null;
  problem: string | null;
  /** Both books have met: from now on each edit is told apart from what others set. */
  is_joined: 0 | 1;
  /** When another computer was last seen with the token of this cabin. */
  twin_at: string | null;
}

/** A part of the book as a document that cabins exchange. */
export interface SharedDocumentTable {
  name: string;
  /** Packed. */
  state: Buffer;
  /** Up to where the hub has it. */
  sent: Buffer | null;
  /** There is something in it that the hub has not. */
  is_ahead: 0 | 1;
}

/** A record that was written here since the documents were last brought up to date. */
export interface SharedTouchedTable {
  kind: string;
  ref: string;
  document: string;
}

/** A session of this book that wrote into documents. */
export interface SharedSessionTable {
  id: number;
}

/** What came from another cabin and was not taken in, and why. */
export interface SharedHeldTable {
  kind: string;
  ref: string;
  document: string;
  cabin: string;
  label: string;
  reason: string;
  at: string;
}

/** What others removed here. */
export interface SharedRemovalTable {
  kind: string;
  ref: string;
  cabin: string;
  at: string;
}

/** A photo whose picture the hub has not yet. */
export interface SharedPictureTable {
  kind: string;
  ref: string;
}

/** The sum of a record that the hub had of this cabin, before documents were exchanged. */
export interface HubSentTable {
  kind: string;
  ref: string;
  sum: string;
}

/** What two cabins changed at once, as it was settled; `difference` is JSON. */
export interface HubDecidedTable {
  /** Kind and keys of the record. */
  id: string;
  cabin: string;
  at: string;
  difference: string;
}
