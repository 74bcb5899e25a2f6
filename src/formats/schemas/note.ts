import { NOTE_FIELDS, type Note } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { schemaFrom } from './from-fields';

/** A note for the log, as it is sent. */
export const noteSchema = schemaFrom<Pick<Note, 'outingId' | 'words'>>(
  NOTE_FIELDS,
  fieldsWords.NOTE,
);
