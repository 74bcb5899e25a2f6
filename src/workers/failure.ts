import { DomainError, type Mistake } from '../core/errors';

/** Why a worker gave no answer: the caller's mistake, or that it failed, broke or took too long. */
export type FailureReason =
  { code: 'mistake'; mistake: Mistake } | { code: 'failed' | 'broke' | 'too_slow' };

/** A worker gave no answer. */
export class WorkerFailure extends Error {
  constructor(readonly reason: FailureReason) {
    super(reason.code);
    this.name = 'WorkerFailure';
  }
}

/** What a worker tells of an error. */
export const reasonOf = (error: unknown): FailureReason =>
  error instanceof DomainError ? { code: 'mistake', mistake: error.mistake } : { code: 'failed' };

/** Why a call to a worker came to nothing. */
export const failureOf = (error: unknown): FailureReason =>
  error instanceof WorkerFailure ? error.reason : { code: 'failed' };
