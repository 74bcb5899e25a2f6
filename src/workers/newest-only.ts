import { failureOf, type FailureReason } from './failure';
import { Cancelled, type WorkerPool } from './worker-pool';

interface Listener<O> {
  answer: (output: O) => void;
  failed: (reason: FailureReason) => void;
}

/**
 * Asks a pool one question at a time: while one is under way only the newest waits, so that a slider never queues
 * up. Every question that was sent is answered.
 */
export class NewestOnly<I, O> {
  private isBusy = false;
  private waiting: { input: I } | undefined;

  constructor(
    private readonly pool: Pick<WorkerPool<I, O>, 'run' | 'close'>,
    private readonly listener: Listener<O>,
  ) {}

  ask(input: I): void {
    this.waiting = { input };
    this.next();
  }

  close(): void {
    this.waiting = undefined;
    this.pool.close();
  }

  private next(): void {
    if (this.isBusy || !this.waiting) return;
    const { input } = this.waiting;
    this.waiting = undefined;
    this.isBusy = true;
    this.pool
      .run([input])
      .result.then(([output]) => this.listener.answer(output!))
      .catch((error: Error) => {
        if (!(error instanceof Cancelled)) this.listener.failed(failureOf(error));
      })
      .finally(() => {
        this.isBusy = false;
        this.next();
      });
  }
}
