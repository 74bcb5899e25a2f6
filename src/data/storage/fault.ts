import { isStorageFault, StorageFault, type FaultCode } from '../../core/faults';

const CODE_BY_PREFIX: readonly (readonly [string, FaultCode])[] = [
  ['SQLITE_FULL', 'storage_full'],
  ['SQLITE_READONLY', 'storage_read_only'],
  ['SQLITE_CORRUPT', 'storage_damaged'],
  ['SQLITE_NOTADB', 'storage_damaged'],
  ['SQLITE_BUSY', 'storage_busy'],
  ['SQLITE_LOCKED', 'storage_busy'],
  ['SQLITE_IOERR', 'storage_failed'],
  ['SQLITE_CANTOPEN', 'storage_failed'],
];

/** A fault of the file as a {@link StorageFault}; any other error as it is. */
export function asFault(error: unknown): unknown {
  const code = (error as { code?: unknown } | null)?.code;
  if (typeof code !== 'string') return error;
  const known = CODE_BY_PREFIX.find(([prefix]) => code.startsWith(prefix));
  return known ? new StorageFault(known[1], (error as Error).message) : error;
}

/** The same for a file that was set to refuse writes: what is told is why it was. */
export const asFaultOf =
  (code: FaultCode | undefined) =>
  (error: unknown): unknown => {
    const fault = asFault(error);
    const isRefused =
      code !== undefined && isStorageFault(fault) && fault.code === 'storage_read_only';
    return isRefused ? new StorageFault(code, fault.detail) : fault;
  };
