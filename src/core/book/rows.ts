import { columnsOf, segmentColumns, type BookName, type BookRecord } from './kinds';
import type { Field } from '../model';

type Columns = Readonly<Record<string, Field>>;
type Row = Readonly<Record<string, unknown>>;

const isJson = ({ type }: Field) => type === 'json' || type === 'choices';

/** A row as it is handed on, JSON as what it says. */
const recordBy = (columns: Columns, row: Row): BookRecord =>
  Object.fromEntries(
    Object.entries(columns).map(([column, field]) => {
      const value = row[column] ?? null;
      return [
        column,
        isJson(field) && value !== null ? (JSON.parse(String(value)) as unknown) : value,
      ];
    }),
  );

/** A record as it is stored; what it does not say is null. */
const rowBy = (columns: Columns, record: BookRecord): Row =>
  Object.fromEntries(
    Object.entries(columns).map(([column, field]) => {
      const value = record[column] ?? null;
      return [column, isJson(field) && value !== null ? JSON.stringify(value) : value];
    }),
  );

export const recordOf = (name: BookName, row: Row): BookRecord => recordBy(columnsOf(name), row);
export const rowFrom = (name: BookName, record: BookRecord): Row => rowBy(columnsOf(name), record);

export const segmentRecordOf = (row: Row): BookRecord => recordBy(segmentColumns(), row);
export const segmentRowFrom = (record: BookRecord): Row => rowBy(segmentColumns(), record);

/** The record of a course: its venue, how often it was changed, and its segments in order. */
export const courseRecord = (
  venue: { id: string; course_version: number },
  segments: readonly Row[],
): BookRecord => ({
  venue_id: venue.id,
  course_version: venue.course_version,
  segments: segments.map(segmentRecordOf),
});
