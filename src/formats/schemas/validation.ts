import { ValidationError, type InferType, type Schema } from 'yup';

/** One problem of untrusted input, at its field: `snow.temperatureC`, `products[2].labelHighC`. */
export interface FieldProblem {
  field: string;
  message: string;
}

export type Validated<T> = { ok: true; value: T } | { ok: false; problems: FieldProblem[] };

/** Checks untrusted input whole: either the typed value, or every problem by field. */
export function validate<S extends Schema>(schema: S, input: unknown): Validated<InferType<S>> {
  try {
    const value = schema.validateSync(input, {
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
      problems: all.map((one) => ({ field: one.path ?? '', message: one.message })),
    };
  }
}
