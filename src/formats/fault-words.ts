import type { FaultCode } from '../core/faults';

/** What each fault of the file means for the person, and what to do. */
const WORDS: Record<FaultCode, string> = {
  storage_full:
    'The disk is full: nothing was saved. Free some space, then save again; what you typed is kept.',
  storage_read_only:
    'The data cannot be written: nothing was saved. Give the user that runs Frost Pick the right to write all files in the data folder, then start it again.',
  storage_damaged:
    'The database file is damaged: nothing was saved, and nothing can be until it is repaired. Stop Frost Pick and put a good copy in its place; what can still be read is shown.',
  storage_busy:
    'The database is in use by another program: nothing was saved. Close that program and save again.',
  storage_failed:
    'The disk gave an error: nothing was saved. Check the disk and the data folder, then save again.',
};

export const faultWords = (code: FaultCode): string => WORDS[code];
