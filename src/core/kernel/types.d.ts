/**
 * The types that the compiler of the kernel knows beyond `number` (64 bits): whole numbers, and lists of numbers
 * without bounds checks. To TypeScript they are what they stand for here.
 */
declare type i32 = number;
declare type Doubles = Float64Array;
