import { object } from 'yup';
import { HAND_HARDNESSES } from '../../core/terms';
import { moment, oneOfWords, plainText } from './fields';
import { snowSchema } from './snow';

/** How a reading's snow temperature came about. */
export const READING_SOURCES = ['probe', 'infrared', 'guess'] as const;
export type ReadingSource = (typeof READING_SOURCES)[number];

/** A reading at the snow, as a form, a file row or the API hands it in. */
export const readingSchema = snowSchema.concat(
  object({
    takenAt: moment('Time').required('Time is missing.'),
    source: oneOfWords('Source', READING_SOURCES).required('Source is missing.'),
    handHardness: oneOfWords('Finger test', HAND_HARDNESSES),
    spot: plainText('Spot', 80),
    note: plainText('Note', 500),
  }),
);
