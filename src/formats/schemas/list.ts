import { ArraySchema, ValidationError, type AnyObject, type ISchema } from 'yup';

/** Problems of one list that are told: more help nobody. */
const MOST_PROBLEMS = 100;

interface Options {
  recursive?: boolean;
  path?: string;
  [key: string]: unknown;
}

/**
 * A list whose length is checked before its elements, and whose elements are checked one after another
 * only until there are 100 problems: so that a list of a million empty objects costs nothing. Yup has no public way
 * to stop in between, so this rests on its inside (tests/unit/held-for.test.ts).
 */
class BoundedList<T> extends ArraySchema<T[] | undefined, AnyObject> {
  protected override _validate(
    value: unknown,
    options: Options = {},
    panic: (error: Error, value: unknown) => void,
    next: (errors: ValidationError[], value: unknown) => void,
  ): void {
    super._validate(value, { ...options, recursive: false }, panic, (errors, checked) => {
      const isTooLong = errors.some((error) => error.type === 'max');
      if (isTooLong || !Array.isArray(value)) next(errors, checked);
      else next([...errors, ...this.elementErrors(value, options)], checked);
    });
  }

  private elementErrors(elements: readonly unknown[], options: Options): ValidationError[] {
    const element = this.innerType as ISchema<unknown> & {
      validateSync: (value: unknown, options: object) => unknown;
    };
    const errors: ValidationError[] = [];
    for (const [index, one] of elements.entries()) {
      try {
        const path = `${options.path ?? ''}[${index}]`;
        element.validateSync(one, { ...options, path, parent: elements, abortEarly: false });
      } catch (error) {
        if (!(error instanceof ValidationError)) throw error;
        errors.push(...(error.inner.length > 0 ? error.inner : [error]));
        if (errors.length >= MOST_PROBLEMS) break;
      }
    }
    return errors.slice(0, MOST_PROBLEMS);
  }
}

/** A list of elements of one kind; see BoundedList. Give it its `max`. */
export function list<T>(element: ISchema<T, AnyObject>): ArraySchema<T[] | undefined, AnyObject> {
  return new BoundedList<T>(element);
}
