/** A pure computation that may run in another thread: its name there, and the function itself. */
export interface Task<A extends unknown[], R> {
  name: string;
  /** `long`: seconds rather than milliseconds; it never stands before a quick one. */
  lane: 'quick' | 'long';
  run: (...args: A) => R;
  /** Bytes that it is given are its own from then on: they are handed over, not copied. */
  takesBytes?: boolean;
  /** After so long it is ended; a minute where nothing is said. */
  longestMs?: number;
  /** Bytes of its result, which are handed over likewise. */
  givesBytes?: (result: Awaited<R>) => Uint8Array[];
}

/** Names a computation; it must also be listed in host/compute.worker.ts. */
export const task = <A extends unknown[], R>(
  name: string,
  lane: Task<A, R>['lane'],
  run: (...args: A) => R,
): Task<A, R> => ({ name, lane, run });

/** The same for one that is given bytes which nobody else needs any more, and gives such bytes. */
export const movingBytes = <A extends unknown[], R>(
  one: Task<A, R>,
  givesBytes: (result: Awaited<R>) => Uint8Array[],
): Task<A, R> => ({ ...one, takesBytes: true, givesBytes });

/** Smaller ones may lie in a memory that others share. */
const A_LARGE_ONE = 1_000_000;

/** The memory of large bytes among these, where nothing else lies in it. */
export const wholeBuffers = (values: readonly unknown[]): ArrayBuffer[] =>
  values.flatMap((one) =>
    one instanceof Uint8Array && one.byteLength > A_LARGE_ONE && one.buffer instanceof ArrayBuffer
      ? [one.buffer]
      : [],
  );
