/** Stored with every choice; raised whenever a figure the core gives for the same input changes. */
export const MODEL_VERSION = '2.1.1';
