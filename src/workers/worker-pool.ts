import { WorkerFailure, type FailureReason } from './failure';
import type { WorkerReply, WorkerRequest } from './protocol';

/** What a worker does for the pool; the real one or a test's. */
export interface WorkerLike<I, O> {
  postMessage: (message: WorkerRequest<I>) => void;
  onmessage: ((event: MessageEvent<WorkerReply<O>>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
  terminate: () => void;
}

/** A set of tasks under way. */
export interface PoolJob<O> {
  result: Promise<O[]>;
  cancel: () => void;
  /** Asks for what is found so far; tasks that wait for a worker are done whole. */
  enough: () => void;
}

/** What is heard of a job while it runs. */
export interface JobEvents<O> {
  /** The share of all its work that is done, 0…1. */
  onProgress?: (share: number) => void;
  /** One of its tasks is done. */
  onEach?: (output: O, at: number) => void;
}

/** Thrown by a job that was cancelled. */
export class Cancelled extends Error {}

interface PoolOptions {
  /** At most so many workers at once. */
  workers: number;
  /** A worker that says nothing for so long has hung. */
  silentMs?: number;
}

const SILENT_MS = 60_000;

interface Task<I, O> {
  id: number;
  input: I;
  progress: (share: number) => void;
  done: (output: O) => void;
  failed: (error: Error) => void;
  timer?: ReturnType<typeof setTimeout>;
}

interface Seat<I, O> {
  worker: WorkerLike<I, O>;
  task: Task<I, O> | undefined;
}

/**
 * Runs one kind of task in a few workers, made when they are needed: progress, cancel, a limit to silence; replies to
 * tasks that are gone are dropped. A worker that hangs or breaks makes room for another, made for the next task.
 */
export class WorkerPool<I, O> {
  private seats: Seat<I, O>[] = [];
  private queue: Task<I, O>[] = [];
  private nextId = 1;

  constructor(
    private readonly makeWorker: () => WorkerLike<I, O>,
    private readonly options: PoolOptions,
  ) {}

  /** Runs all inputs; the results come in their order. Rejects with {@link WorkerFailure} or {@link Cancelled}. */
  run(inputs: readonly I[], { onProgress, onEach }: JobEvents<O> = {}): PoolJob<O> {
    const shares = inputs.map(() => 0);
    const tasks: Task<I, O>[] = [];
    const results = inputs.map(
      (input, i) =>
        new Promise<O>((resolve, reject) => {
          tasks.push({
            id: this.nextId++,
            input,
            progress: (share) => {
              shares[i] = share;
              onProgress?.(shares.reduce((sum, one) => sum + one, 0) / shares.length);
            },
            done: (output) => {
              onEach?.(output, i);
              resolve(output);
            },
            failed: (error) => {
              reject(error);
              this.drop(tasks);
            },
          });
        }),
    );
    this.queue.push(...tasks);
    this.seatNext();
    return {
      result: Promise.all(results),
      enough: () => {
        for (const { worker, task } of this.seats) {
          if (task && tasks.includes(task)) worker.postMessage({ kind: 'enough', id: task.id });
        }
      },
      cancel: () => {
        this.drop(tasks);
        for (const task of tasks) task.failed(new Cancelled());
      },
    };
  }

  /** Ends all workers; whatever is under way is cancelled. */
  close(): void {
    const waiting = this.queue.splice(0);
    const seats = this.seats.splice(0);
    for (const { worker, task } of seats) {
      clearTimeout(task?.timer);
      worker.terminate();
    }
    const gone = [...seats.flatMap(({ task }) => task ?? []), ...waiting];
    for (const task of gone) task.failed(new Cancelled());
  }

  private drop(tasks: readonly Task<I, O>[]): void {
    this.queue = this.queue.filter((task) => !tasks.includes(task));
    for (const seat of this.seats) {
      if (!seat.task || !tasks.includes(seat.task)) continue;
      seat.worker.postMessage({ kind: 'cancel', id: seat.task.id });
      this.free(seat);
    }
    this.seatNext();
  }

  private free(seat: Seat<I, O>): void {
    clearTimeout(seat.task?.timer);
    seat.task = undefined;
  }

  private seatNext(): void {
    while (this.queue.length > 0) {
      let seat = this.seats.find((one) => !one.task);
      if (!seat && this.seats.length < this.options.workers) {
        seat = { worker: this.makeWorker(), task: undefined };
        this.listen(seat);
        this.seats.push(seat);
      }
      if (!seat) return;
      seat.task = this.queue.shift()!;
      this.watch(seat);
      seat.worker.postMessage({ kind: 'run', id: seat.task.id, input: seat.task.input });
    }
  }

  private watch(seat: Seat<I, O>): void {
    const { task } = seat;
    if (!task) return;
    clearTimeout(task.timer);
    const limitMs = this.options.silentMs ?? SILENT_MS;
    task.timer = setTimeout(() => this.vacate(seat, { code: 'too_slow' }), limitMs);
  }

  private listen(seat: Seat<I, O>): void {
    seat.worker.onmessage = ({ data }) => {
      const { task } = seat;
      if (!task || data.id !== task.id) return;
      if (data.kind === 'progress') {
        this.watch(seat);
        task.progress(data.share);
        return;
      }
      this.free(seat);
      if (data.kind === 'done') {
        task.progress(1);
        task.done(data.output);
      } else task.failed(new WorkerFailure(data.reason));
      this.seatNext();
    };
    seat.worker.onerror = () => this.vacate(seat, { code: 'broke' });
  }

  private vacate(seat: Seat<I, O>, reason: FailureReason): void {
    const { task } = seat;
    this.free(seat);
    seat.worker.terminate();
    this.seats = this.seats.filter((one) => one !== seat);
    task?.failed(new WorkerFailure(reason));
    this.seatNext();
  }
}
