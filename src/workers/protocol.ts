import type { FailureReason } from './failure';

/** What a page asks of a worker. */
export type WorkerRequest<I> =
  | { kind: 'run'; id: number; input: I }
  | { kind: 'cancel'; id: number }
  /** What is found so far is good enough: answer with it. */
  | { kind: 'enough'; id: number };

/** What a worker answers; `share` of the work done is 0…1. */
export type WorkerReply<O> =
  | { kind: 'progress'; id: number; share: number }
  | { kind: 'done'; id: number; output: O }
  | { kind: 'failed'; id: number; reason: FailureReason };
