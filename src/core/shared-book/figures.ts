/** Of a moment in ISO 8601: its year, and its year and month. */
export const YEAR_CHARACTERS = 4;
export const MONTH_CHARACTERS = 7;

/** Of a sum of a record: so many bytes never meet by chance in one book. */
export const SUM_BYTES = 12;
/** The base in which they are written, with the fewest characters that JavaScript knows. */
export const SUM_RADIX = 36;

/** Removals by others that are taken over without asking, of one cabin within a day: a mistake at a bench, not a book. */
export const MOST_REMOVED_A_DAY = 10;

/** Changes and removals by others at once before which the book is copied. */
export const MOST_CHANGED_UNCOPIED = 50;

/** Changes that a record may be ahead by: far more than any pair is edited in a season. */
export const MOST_AHEAD = 10_000;
