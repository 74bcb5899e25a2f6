import fc from 'fast-check';

/** Any number of a range, for properties that hold for all of them. */
export const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** What may be left out. */
export const perhaps = <T>(one: fc.Arbitrary<T>) => fc.option(one, { nil: undefined });
