import type { FieldsOf } from './field';

/** What somebody wrote into the log of an outing. */
export interface Note {
  id: string;
  outingId: string;
  words: string;
  createdAt: string;
  removedAt?: string;
}

/** The fields of a note: all written once, but for when it was taken away. */
export const NOTE_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  outingId: { type: 'id', isRequired: true },
  words: { type: 'text', most: 1000, isRequired: true },
  createdAt: { type: 'moment', isRequired: true, isInternal: true },
  removedAt: { type: 'moment', isInternal: true },
} as const satisfies FieldsOf<Note>;
