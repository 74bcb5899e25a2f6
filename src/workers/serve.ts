import { reasonOf } from './failure';
import type { WorkerReply, WorkerRequest } from './protocol';

/**
 * Tells how much is done and lets the worker hear what was asked meanwhile; throws once the task is cancelled. False:
 * whoever asked has enough, so that what is found so far is the answer.
 */
export type Turn = (share: number) => Promise<boolean>;

class Stopped extends Error {}

const nextTurn = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/** What of a worker's own scope is used; a test's or the real one. */
interface Scope<I, O> {
  postMessage: (reply: WorkerReply<O>) => void;
  onmessage: ((event: MessageEvent<WorkerRequest<I>>) => void) | null;
}

/** Makes this worker answer requests with a computation: progress, cancel, and errors that say why. */
export function serve<I, O>(
  compute: (input: I, turn: Turn) => O | Promise<O>,
  scope: Scope<I, O> = self,
): void {
  const cancelled = new Set<number>();
  const running = new Set<number>();
  const enough = new Set<number>();
  const run = async (id: number, input: I) => {
    running.add(id);
    const turn: Turn = async (share) => {
      scope.postMessage({ kind: 'progress', id, share });
      await nextTurn();
      if (cancelled.has(id)) throw new Stopped();
      return !enough.has(id);
    };
    try {
      scope.postMessage({ kind: 'done', id, output: await compute(input, turn) });
    } catch (error) {
      if (!(error instanceof Stopped)) {
        scope.postMessage({ kind: 'failed', id, reason: reasonOf(error) });
      }
    } finally {
      running.delete(id);
      cancelled.delete(id);
      enough.delete(id);
    }
  };
  scope.onmessage = ({ data }) => {
    if (data.kind === 'run') void run(data.id, data.input);
    else if (running.has(data.id)) (data.kind === 'enough' ? enough : cancelled).add(data.id);
  };
}
