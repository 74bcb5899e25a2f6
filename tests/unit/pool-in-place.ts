import type { WorkerPool } from '@/workers/worker-pool';

/** A pool that computes at once, in this thread. */
export function poolInPlace<I, O>(
  compute: (input: I) => O,
): Pick<WorkerPool<I, O>, 'run' | 'close'> {
  return {
    run: (inputs, { onEach, onProgress } = {}) => ({
      result: Promise.all(
        inputs.map(async (input, at) => {
          await Promise.resolve();
          const output = compute(input);
          onEach?.(output, at);
          onProgress?.((at + 1) / inputs.length);
          return output;
        }),
      ),
      cancel: () => undefined,
      enough: () => undefined,
    }),
    close: () => undefined,
  };
}
