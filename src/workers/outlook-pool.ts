import type { Outlook, OutlookInput } from '../core/snow/outlook';
import type { WorkerReply, WorkerRequest } from './protocol';

/** What a worker does for the pool; the real one or a test's. */
export interface WorkerLike {
  postMessage: (message: WorkerRequest) => void;
  onmessage: ((event: MessageEvent<WorkerReply>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
  terminate: () => void;
}

/** A set of outlooks under way. */
export interface PoolJob {
  result: Promise<Outlook[]>;
  cancel: () => void;
}

/** Thrown by a job that was cancelled. */
export class Cancelled extends Error {}

const TIMEOUT_MS = 60_000;
const MOST_WORKERS = 2;

interface Task {
  id: number;
  input: OutlookInput;
  progress: (share: number) => void;
  done: (outlook: Outlook) => void;
  failed: (error: Error) => void;
  timer?: ReturnType<typeof setTimeout>;
}

interface Seat {
  worker: WorkerLike;
  task: Task | undefined;
}

/**
 * Runs outlooks in up to two workers: progress, cancel, a time limit, and replies to tasks that are gone
 * are dropped. A worker that hangs or breaks is replaced.
 */
export class OutlookPool {
  private readonly seats: Seat[] = [];
  private queue: Task[] = [];
  private nextId = 1;

  constructor(
    private readonly makeWorker: () => WorkerLike,
    private readonly timeoutMs = TIMEOUT_MS,
  ) {}

  /** Runs all inputs; `onProgress` hears the share of all the work that is done. */
  run(inputs: readonly OutlookInput[], onProgress: (share: number) => void): PoolJob {
    const startedMs = performance.now();
    const shares = inputs.map(() => 0);
    const tasks: Task[] = [];
    const results = inputs.map(
      (input, i) =>
        new Promise<Outlook>((resolve, reject) => {
          tasks.push({
            id: this.nextId++,
            input,
            progress: (share) => {
              shares[i] = share;
              onProgress(shares.reduce((sum, one) => sum + one, 0) / shares.length);
            },
            done: resolve,
            failed: reject,
          });
        }),
    );
    this.queue.push(...tasks);
    this.seat();
    const result = Promise.all(results).then((outlooks) => {
      // Seen in the browser's performance tools, and by npm run bench.
      performance.measure('outlooks', { start: startedMs });
      return outlooks;
    });
    result.catch(() => this.drop(tasks));
    return {
      result,
      cancel: () => {
        this.drop(tasks);
        for (const task of tasks) task.failed(new Cancelled('The outlook was cancelled.'));
      },
    };
  }

  private drop(tasks: readonly Task[]): void {
    this.queue = this.queue.filter((task) => !tasks.includes(task));
    for (const seat of this.seats) {
      if (!seat.task || !tasks.includes(seat.task)) continue;
      seat.worker.postMessage({ kind: 'cancel', id: seat.task.id });
      this.free(seat);
    }
    this.seat();
  }

  private free(seat: Seat): void {
    clearTimeout(seat.task?.timer);
    seat.task = undefined;
  }

  private seat(): void {
    while (this.queue.length > 0) {
      let seat = this.seats.find((one) => !one.task);
      if (!seat && this.seats.length < MOST_WORKERS) {
        seat = { worker: this.makeWorker(), task: undefined };
        this.attach(seat);
        this.seats.push(seat);
      }
      if (!seat) return;
      const task = this.queue.shift()!;
      const taken = seat;
      taken.task = task;
      task.timer = setTimeout(
        () => this.replace(taken, 'The outlook took too long and was ended.'),
        this.timeoutMs,
      );
      taken.worker.postMessage({ kind: 'run', id: task.id, input: task.input });
    }
  }

  private attach(seat: Seat): void {
    seat.worker.onmessage = ({ data }) => {
      const { task } = seat;
      if (!task || data.id !== task.id) return;
      if (data.kind === 'progress') {
        task.progress(data.share);
        return;
      }
      this.free(seat);
      if (data.kind === 'done') {
        task.progress(1);
        task.done(data.outlook);
      } else task.failed(new Error(data.error.message));
      this.seat();
    };
    seat.worker.onerror = () => this.replace(seat, 'The worker that computes the outlook broke.');
  }

  private replace(seat: Seat, reason: string): void {
    const { task } = seat;
    this.free(seat);
    seat.worker.terminate();
    seat.worker = this.makeWorker();
    this.attach(seat);
    task?.failed(new Error(reason));
    this.seat();
  }
}

let shared: OutlookPool | undefined;

/** The page's one pool. */
export function outlookPool(): OutlookPool {
  shared ??= new OutlookPool(
    () =>
      new Worker(new URL('./outlook.worker.ts', import.meta.url), {
        type: 'module',
      }) as unknown as WorkerLike,
  );
  return shared;
}
