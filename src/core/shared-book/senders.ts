/** The name of a cabin where all others together are meant. */
export const OF_ALL = '*';

/** The name of a cabin where the hub itself set something back. */
export const BY_HUB = '';
