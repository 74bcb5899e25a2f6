import type Database from 'better-sqlite3';
import { isStorageFault, type FaultCode } from '../../core/faults';
import { asFault } from './fault';
import { intoFile, markOpen, type LogProblem } from './log-check';

/** Whether the file may be written; with why not, by code and in SQLite's own words. */
export type StorageHealth =
  { isWritable: true } | { isWritable: false; code: FaultCode; detail: string };

const MOST_PROBLEMS = 3;

function faultOf(error: unknown): StorageHealth {
  const fault = asFault(error);
  if (!isStorageFault(fault)) throw error;
  return { isWritable: false, code: fault.code, detail: fault.detail };
}

/** Reads every page; gives what SQLite finds wrong, or undefined. */
function damageIn(sqlite: Database.Database): string | undefined {
  const found = sqlite.pragma(`quick_check(${MOST_PROBLEMS})`) as { quick_check: string }[];
  const problems = found.map((row) => row.quick_check).filter((text) => text !== 'ok');
  return problems.length > 0 ? problems.join('; ') : undefined;
}

/**
 * Checks the file at the start: its log, every page, then one write, which also says in the file that its log may hold
 * more from now on. Where one of them fails the connection is set to refuse writes, so that nothing is acknowledged that
 * will not be there.
 */
export function checkStorage(
  sqlite: Database.Database,
  log: LogProblem | undefined,
): StorageHealth {
  let health: StorageHealth = { isWritable: true };
  try {
    const damage = damageIn(sqlite);
    if (damage) health = { isWritable: false, code: 'storage_damaged', detail: damage };
    else if (log) health = { isWritable: false, ...log };
    else {
      markOpen(sqlite);
      intoFile(sqlite);
    }
  } catch (error) {
    health = faultOf(error);
  }
  if (!health.isWritable) sqlite.pragma('query_only = ON');
  return health;
}
