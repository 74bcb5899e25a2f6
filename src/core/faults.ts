/** Why the file under the database does not do what was asked of it. */
export type FaultCode =
  | 'storage_full'
  | 'storage_read_only'
  | 'storage_damaged'
  | 'storage_busy'
  | 'storage_failed'
  | 'log_missing'
  | 'log_damaged'
  | 'log_foreign';

/** A fault of the log alone: the file can be read, and a person decides whether to go on with it. */
export const isLogFault = (code: FaultCode): boolean => code.startsWith('log_');

/** The disk or the file failed: what was being written was not written, none of it. */
export class StorageFault extends Error {
  constructor(
    readonly code: FaultCode,
    readonly detail: string,
  ) {
    super(`${code}: ${detail}`);
    this.name = 'StorageFault';
  }
}

/** By its name: the server's bundles each have their own copy of the class. */
export const isStorageFault = (error: unknown): error is StorageFault =>
  error instanceof Error && error.name === 'StorageFault';

/** The key of a write was used for another write already. */
export class KeyReused extends Error {
  constructor(readonly key: string) {
    super(`key_reused: ${key}`);
    this.name = 'KeyReused';
  }
}

/** There is more to compute than can be done soon; ask again in `retryAfterS` seconds. */
export class Overload extends Error {
  constructor(readonly retryAfterS: number) {
    super('overload');
    this.name = 'Overload';
  }
}

/** Somebody who was not let in asked for data. */
export class NotLetIn extends Error {
  constructor() {
    super('not_let_in');
    this.name = 'NotLetIn';
  }
}

/** By its name, as above. */
export const isNotLetIn = (error: unknown): error is NotLetIn =>
  error instanceof Error && error.name === 'NotLetIn';
