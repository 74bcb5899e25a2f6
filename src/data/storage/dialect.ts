import type Database from 'better-sqlite3';
import {
  SqliteAdapter,
  SqliteDialect,
  type Driver,
  type SqliteDatabase,
  type SqliteStatement,
} from 'kysely';
import { LRUCache } from 'lru-cache';
import { TurnDriver } from './driver';
import { asFault } from './fault';

/** Statements kept compiled: more than there are queries in the app. */
const KEPT_STATEMENTS = 300;

/** SQLite can undo its own `create table`: with this a migration and its row are one transaction. */
class TransactionalAdapter extends SqliteAdapter {
  override get supportsTransactionalDdl(): boolean {
    return true;
  }
}

type FaultOf = (error: unknown) => unknown;

function guarded<T>(work: () => T, faultOf: FaultOf): T {
  try {
    return work();
  } catch (error) {
    throw faultOf(error);
  }
}

/** The connection as Kysely uses it: statements compiled once, faults of the file told apart from bugs. */
function watched(sqlite: Database.Database, faultOf: FaultOf): SqliteDatabase {
  const kept = new LRUCache<string, SqliteStatement>({ max: KEPT_STATEMENTS });
  const compile = (sql: string): SqliteStatement => {
    // Taking the write lock at once: a transaction that begins as a reader may be refused it later.
    const statement = guarded(
      () => sqlite.prepare(sql === 'begin' ? 'begin immediate' : sql),
      faultOf,
    );
    return {
      reader: statement.reader,
      all: (parameters) => guarded(() => statement.all(parameters), faultOf),
      run: (parameters) => guarded(() => statement.run(parameters), faultOf),
      iterate: (parameters) => guarded(() => statement.iterate(parameters), faultOf),
    };
  };
  return {
    close: () => void sqlite.close(),
    prepare: (sql) => {
      const found = kept.get(sql);
      if (found) return found;
      const made = compile(sql);
      kept.set(sql, made);
      return made;
    },
  };
}

/** Connections to one file: one that writes, one that reads, and how both end. */
export interface Connections {
  writer: Database.Database;
  /** Without it all goes over the one. */
  reader?: Database.Database;
  close: () => void;
  /** What an error of SQLite means here. */
  faultOf?: FaultOf;
}

/** Kysely's SQLite with migrations that are all or nothing, and faults of the file by code. */
export class FrostDialect extends SqliteDialect {
  private readonly driver: () => Driver;

  constructor({ writer, reader, close, faultOf = asFault }: Connections) {
    const write = watched(writer, faultOf);
    super({ database: write });
    this.driver = () =>
      new TurnDriver({
        writer: write,
        reader: reader ? watched(reader, faultOf) : write,
        isInTransaction: () => writer.inTransaction,
        close,
      });
  }

  override createDriver(): Driver {
    return this.driver();
  }

  override createAdapter(): SqliteAdapter {
    return new TransactionalAdapter();
  }
}
