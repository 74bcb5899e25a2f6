import type { Piscina } from 'piscina';
import { Overload } from '../../core/faults';
import { languageTag } from '../../words/locale';
import { wholeBuffers, type Task } from './task';
import { shared } from '@/core/shared';

/** Built by the start script; absent in tests, which then compute in their own thread. */
const workerFile = () => process.env.FROST_PICK_WORKER;

/** Whether computations have threads of their own. */
export const hasThreads = (): boolean => workerFile() !== undefined;

const MOST_WAITING = { quick: 64, long: 32 } as const;
const THREADS = { quick: 1, long: 2 } as const;
/** Long tasks pause between slices, so that several get on together in one thread. */
const AT_ONCE = { quick: 1, long: 3 } as const;
const LONGEST_MS = 60_000;
const RETRY_AFTER_S = 2;
const IDLE_MS = 60_000;

type Lane = Task<unknown[], unknown>['lane'];
declare module '@/core/shared' {
  interface Shared {
    pools: Partial<Record<Lane, Promise<Piscina>>>;
  }
}

async function makePool(lane: Lane, filename: string): Promise<Piscina> {
  const { Piscina: Pool } = await import('piscina');
  return new Pool({
    filename,
    minThreads: 1,
    maxThreads: THREADS[lane],
    concurrentTasksPerWorker: AT_ONCE[lane],
    maxQueue: MOST_WAITING[lane],
    idleTimeout: IDLE_MS,
  });
}

function poolOf(lane: Lane, filename: string): Promise<Piscina> {
  const pools = (shared.pools ??= {});
  return (pools[lane] ??= makePool(lane, filename));
}

/** Piscina tells this case by its message alone (tests/unit/held-for.test.ts). */
const isFull = (error: unknown) =>
  error instanceof Error && /queue/i.test(error.message) && /limit|full/i.test(error.message);

/**
 * Runs a task off the event loop, so that other requests are answered meanwhile. Throws {@link Overload} when
 * too many wait already or when it takes longer than it may; then its thread is ended and replaced.
 */
export async function offLoop<A extends unknown[], R>(
  { name, lane, run, takesBytes = false, longestMs = LONGEST_MS }: Task<A, R>,
  ...args: A
): Promise<Awaited<R>> {
  const filename = workerFile();
  if (!filename) return await run(...args);
  const pool = await poolOf(lane, filename);
  const signal = AbortSignal.timeout(longestMs);
  try {
    const transferList = takesBytes ? wholeBuffers(args) : [];
    const asked = { name, args, tag: languageTag() };
    return (await pool.run(asked, { signal, transferList })) as Awaited<R>;
  } catch (error) {
    if (signal.aborted || isFull(error)) throw new Overload(RETRY_AFTER_S);
    throw error;
  }
}
