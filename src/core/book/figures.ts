/** The longest word that only the app itself writes (a kind, a source, a key), characters: as long as an id may be. */
export const MOST_WORD = 64;

/** The longest keys of a record, joined, characters: an id and a place in its list. */
export const MOST_SIGNED_REF = 160;
