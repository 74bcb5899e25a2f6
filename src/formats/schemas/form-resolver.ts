import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';
import type { Validated } from './validation';

/** A form's resolver from a check that lists every problem by field. */
export function resolverFrom<T extends FieldValues>(
  check: (values: T) => Validated<unknown>,
): Resolver<T> {
  return (values) => {
    const checked = check(values);
    if (checked.ok) return { values, errors: {} };
    const errors: Record<string, { type: string; message: string }> = {};
    for (const { field, message } of checked.problems) {
      errors[field] ??= { type: 'invalid', message };
    }
    return { values: {}, errors: errors as FieldErrors<T> };
  };
}
