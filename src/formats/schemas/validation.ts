import { ValidationError, type InferType, type Schema } from 'yup';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { tidied } from './tidied';

/** One problem of untrusted input, at its field: `snow.temperatureC`, `products[2].labelHighC`. */
export interface FieldProblem {
  field: string;
  message: string;
}

export type Validated<T> = { ok: true; value: T } | { ok: false; problems: FieldProblem[] };

/** Untrusted input as fields; anything that is no object has none. */
export const asFields = (input: unknown): Record<string, unknown> =>
  typeof input === 'object' && input !== null && !Array.isArray(input)
    ? (input as Record<string, unknown>)
    : {};

/**
 * The values a form was filled with, as far as they are fields of what it sends. A client that does not say
 * what it stands on stands on nothing: every field that differs from what is stored is then a clash.
 */
export function basedOn(base: unknown, sent: object): Record<string, unknown> {
  const fields = asFields(base);
  const names = [...Object.keys(sent), ...Object.keys(fields)];
  return Object.fromEntries(names.map((name) => [name, fields[name]]));
}

/** What the kit says in its own English where no schema says better (tests/unit/held-for.test.ts). */
const OF_THE_KIT = /^\S+ (must be a `|cannot be null|is a required field|must be defined)/;

const rendered = ({ path = '', message }: ValidationError): string => {
  if (!OF_THE_KIT.test(message)) return message;
  return path === '' ? formatsScreenWords.schemas.bodyNotObject : fieldsWords.notFitting(path);
};

/** Problems that are told at the most. */
const MOST_PROBLEMS = 100;

/**
 * Checks untrusted input whole: either the typed value, or every problem by field. Nothing at all is checked as
 * an object without fields, so that every field it lacks is told.
 */
export function validate<S extends Schema>(
  schema: S,
  input: unknown = {},
): Validated<InferType<S>> {
  try {
    const value = schema.validateSync(tidied(schema, input), {
      abortEarly: false,
      strict: true,
      stripUnknown: false,
    }) as InferType<S>;
    return { ok: true, value };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const all = error.inner.length > 0 ? error.inner : [error];
    return {
      ok: false,
      problems: all
        .slice(0, MOST_PROBLEMS)
        .map((one) => ({ field: one.path ?? '', message: rendered(one) })),
    };
  }
}
