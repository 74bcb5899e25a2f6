/** A pure computation that may run in another thread: its name there, and the function itself. */
export interface Task<A extends unknown[], R> {
  name: string;
  /** `long`: seconds rather than milliseconds; it never stands before a quick one. */
  lane: 'quick' | 'long';
  run: (...args: A) => R;
  /** Bytes that it is given are its own from then on: they are handed over, not copied. */
  takesBytes?: boolean;
}

/** Names a computation; it must also be listed in host/compute.worker.ts. */
export const task = <A extends unknown[], R>(
  name: string,
  lane: Task<A, R>['lane'],
  run: (...args: A) => R,
): Task<A, R> => ({ name, lane, run });

/** The same for one that is given bytes which nobody else needs any more. */
export const takingBytes = <A extends unknown[], R>(one: Task<A, R>): Task<A, R> => ({
  ...one,
  takesBytes: true,
});
