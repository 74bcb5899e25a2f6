import { ValidationError, type AnyObject, type ObjectSchema } from 'yup';
import { columnsOf, segmentColumns, type BookName, type BookRecord } from '../../core/book';
import { formatsScreenWords } from '../../words/screens/formats';
import { recordSchemaFrom } from '../schemas/from-fields';
import type { FieldProblem } from '../schemas/validation';
import { misshapen } from './shapes';

const WORDS = formatsScreenWords.book;
const HOW = { strict: true, abortEarly: false } as const;

const isRecord = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A record without the columns that hold nothing. */
const withoutNulls = (record: object): object =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== null));

function problemsBy(
  schema: ObjectSchema<AnyObject>,
  record: unknown,
  path: string,
): FieldProblem[] {
  if (!isRecord(record)) return [{ field: path, message: WORDS.misshapen }];
  try {
    schema.validateSync(withoutNulls(record), HOW);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    return all.map((one) => ({
      field: one.path ? `${path}.${one.path}` : path,
      message: one.message,
    }));
  }
}

/** The check of records of a kind, made once: gives what is wrong with a record, told at `path`. */
export function recordCheck(name: BookName): (record: unknown, path: string) => FieldProblem[] {
  const schema = recordSchemaFrom(columnsOf(name));
  const segment = recordSchemaFrom(segmentColumns());
  return (record, path) => {
    const problems = problemsBy(schema, record, path);
    if (problems.length > 0) return problems;
    const shaped = misshapen(name, record as BookRecord);
    if (shaped.length > 0) {
      return shaped.map((column) => ({ field: `${path}.${column}`, message: WORDS.misshapen }));
    }
    if (name !== 'course') return [];
    const { segments } = record as { segments: unknown[] };
    return segments.flatMap((one, i) => problemsBy(segment, one, `${path}.segments[${i}]`));
  };
}
