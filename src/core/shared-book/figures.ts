/** Removals by others that are taken over without asking, of one cabin within a day: a mistake at a bench, not a book. */
export const MOST_REMOVED_A_DAY = 10;

/** Changes and removals by others at once before which the book is copied. */
export const MOST_CHANGED_UNCOPIED = 50;

/** Changes that a record may be ahead by: far more than any pair is edited in a season. */
export const MOST_AHEAD = 10_000;
