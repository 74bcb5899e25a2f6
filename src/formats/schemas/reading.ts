import { READING_FIELDS, type Reading, type ReadingSource } from '../../core/model';
import { HOUSE_LIMITS } from '../../core/wax';
import { fieldsWords } from '../../words/areas/fields';
import { schemaFrom, withRule } from './from-fields';
import { sharpnessProblem } from './snow';

/** What a person, a file row or the API hands in of a reading; the rest is the server's. */
export type ReadingFields = Omit<
  Reading,
  | 'id'
  | 'outingId'
  | 'hasPhoto'
  | 'importId'
  | 'correctsId'
  | 'createdAt'
  | 'source'
  | 'temperatureSdC'
> & { source: ReadingSource; temperatureSdC?: number };

/** A reading as it is stored, from what was handed in. */
export const readingToKeep = (
  { takenAt, ...fields }: ReadingFields,
  server: { id: string; outingId: string; createdAt: string; correctsId?: string },
): Reading => ({
  ...fields,
  ...server,
  takenAt: new Date(takenAt).toISOString(),
  temperatureSdC: fields.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC,
});

/** A reading at the snow, as a form, a file row or the API hands it in. */
export const readingSchema = withRule(
  schemaFrom<ReadingFields>(READING_FIELDS, fieldsWords.READING),
  'sharpness',
  sharpnessProblem,
);
