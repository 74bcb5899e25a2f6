import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';
import type { Schema } from 'yup';
import type { Validated } from './validation';

/** A check of a form's values that lists every problem by field. */
export type FormCheck<T> = (values: T) => Validated<unknown>;

function resolved<T extends FieldValues>(values: T, checked: Validated<unknown>) {
  if (checked.ok) return { values, errors: {} };
  const errors: Record<string, { type: string; message: string }> = {};
  for (const { field, message } of checked.problems) {
    errors[field] ??= { type: 'invalid', message };
  }
  return { values: {}, errors: errors as FieldErrors<T> };
}

/**
 * A form's resolver whose check is fetched when somebody first touches the page, or after a while: a page shows without
 * waiting for the rules of a form that nobody has filled in yet. Where it cannot be fetched nothing is refused here;
 * the server checks the same.
 */
export function lateResolver<T extends FieldValues>(
  load: () => Promise<FormCheck<T>>,
): Resolver<T> {
  let coming: Promise<FormCheck<T>> | undefined;
  const check = () => {
    coming ??= load().catch((error: unknown) => {
      coming = undefined;
      throw error;
    });
    return coming;
  };
  whenTouched(() => void check().catch(() => undefined));
  return async (values) => {
    try {
      return resolved(values, (await check())(values));
    } catch {
      return { values, errors: {} };
    }
  };
}

/** The same from a schema, and what of a form's values it checks. */
export const lateForm = <T extends FieldValues>(
  schema: () => Promise<Schema>,
  given: (values: T) => unknown = (values) => values,
): Resolver<T> =>
  lateResolver(async () => {
    const [loaded, { validate }] = await Promise.all([schema(), import('./validation')]);
    return (values) => validate(loaded, given(values));
  });

const TOUCHES = ['pointerdown', 'keydown', 'focusin'] as const;
/** A page that nobody touches may lose its server before somebody does. */
const AT_LATEST_MS = 15_000;

/** In a browser, once: as soon as somebody does anything. */
function whenTouched(work: () => void): void {
  if (typeof window === 'undefined') return;
  const begin = () => {
    clearTimeout(late);
    for (const touch of TOUCHES) window.removeEventListener(touch, begin);
    work();
  };
  const late = setTimeout(begin, AT_LATEST_MS);
  for (const touch of TOUCHES) window.addEventListener(touch, begin, { passive: true });
}
