import { READING_FIELDS } from '../../core/model';
import { fallbacksOf } from '../schemas/from-fields';
import { readingSchema, type ReadingFields } from '../schemas/reading';
import { dirtFromSpelling, grainFromSpelling } from '../schemas/spellings';
import { withoutUnit, wordCell, YES_NO, type Cell } from './cells';
import { columnsFrom, requiredIn, tableFrom } from './from-fields';
import { writeCsv } from './table';
import { readTypedRows, type TypedRows } from './typed-rows';

export type { ReadingFields } from '../schemas/reading';

export const MOST_ROWS = 10_000;

/** Dirt is also written as yes or no. */
const dirtCell: Cell = (text, context) => {
  const word = wordCell(text, context) as string | undefined;
  return word === undefined ? undefined : dirtFromSpelling(YES_NO[word] ?? word);
};

const COLUMNS = columnsFrom(READING_FIELDS, {
  grain: withoutUnit((text) => grainFromSpelling(text.trim()) || undefined),
  dirt: withoutUnit(dirtCell),
});

/** Readings from a CSV file, up to 10,000; see readTypedRows. */
export function readReadings(text: string, timeZone: string): TypedRows<ReadingFields> {
  return readTypedRows(
    text,
    {
      columns: COLUMNS,
      required: requiredIn(READING_FIELDS),
      defaults: fallbacksOf(READING_FIELDS),
      schema: readingSchema,
      mostRows: MOST_ROWS,
    },
    timeZone,
  );
}

/** Readings as CSV that {@link readReadings} takes back unchanged. */
export function writeReadings(
  readings: readonly (Omit<ReadingFields, 'source'> & { source: string })[],
  hasHeader = true,
): string {
  const { header, rows } = tableFrom(READING_FIELDS, readings);
  return writeCsv(header, rows, hasHeader);
}
