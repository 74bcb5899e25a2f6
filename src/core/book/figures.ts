/** The longest word that only the app itself writes (a kind, a source, a key), characters: as long as an id may be. */
export const MOST_WORD = 64;
