import {
  CompiledQuery,
  SelectQueryNode,
  type DatabaseConnection,
  type Driver,
  type QueryResult,
  type SqliteDatabase,
} from 'kysely';

/** Lets one transaction at a time through; the rest wait in their order. */
class Turn {
  private last: Promise<void> = Promise.resolve();

  /** Resolves when it is one's turn, with what ends it. */
  async take(): Promise<() => void> {
    let end: () => void = () => undefined;
    const before = this.last;
    this.last = new Promise((resolve) => {
      end = resolve;
    });
    await before;
    return end;
  }
}

function run<R>(database: SqliteDatabase, { sql, parameters }: CompiledQuery): QueryResult<R> {
  const statement = database.prepare(sql);
  if (statement.reader) return { rows: statement.all(parameters) as R[] };
  const { changes, lastInsertRowid } = statement.run(parameters);
  return { numAffectedRows: BigInt(changes), insertId: BigInt(lastInsertRowid), rows: [] };
}

/** What the driver works on. */
export interface TurnGround {
  writer: SqliteDatabase;
  reader: SqliteDatabase;
  /** Whether the writer is within a transaction: SQLite ends some by itself. */
  isInTransaction: () => boolean;
  close: () => void;
}

/** A connection that is a transaction's while one is open on it. */
class TurnConnection implements DatabaseConnection {
  private endTurn: (() => void) | undefined;
  private readonly writer: SqliteDatabase;
  private readonly reader: SqliteDatabase;

  constructor(
    private readonly ground: TurnGround,
    private readonly turn: Turn,
  ) {
    this.writer = ground.writer;
    this.reader = ground.reader;
  }

  async begin(): Promise<void> {
    this.endTurn = await this.turn.take();
    try {
      run(this.writer, CompiledQuery.raw('begin'));
    } catch (error) {
      this.release();
      throw error;
    }
  }

  /** On a full disk SQLite has rolled back already: a second one would hide why. */
  end(how: 'commit' | 'rollback'): void {
    // Ended already: what is open now is another one's.
    if (!this.endTurn) return;
    try {
      if (how === 'commit' || this.ground.isInTransaction()) {
        run(this.writer, CompiledQuery.raw(how));
      }
    } finally {
      if (how === 'rollback' || !this.ground.isInTransaction()) this.release();
    }
  }

  release(): void {
    this.endTurn?.();
    this.endTurn = undefined;
  }

  async executeQuery<R>(query: CompiledQuery): Promise<QueryResult<R>> {
    if (this.endTurn) return run(this.writer, query);
    if (SelectQueryNode.is(query.query)) return run(this.reader, query);
    const endTurn = await this.turn.take();
    try {
      return run(this.writer, query);
    } finally {
      endTurn();
    }
  }

  async *streamQuery<R>(): AsyncGenerator<QueryResult<R>> {
    throw new Error('not_streamed');
  }
}

/**
 * SQLite with a connection for writing and one for reading: a long transaction does not keep readers waiting, who see
 * what was there before it. Writes take turns.
 */
export class TurnDriver implements Driver {
  private readonly turn = new Turn();

  constructor(private readonly ground: TurnGround) {}

  async init(): Promise<void> {}

  async acquireConnection(): Promise<TurnConnection> {
    return new TurnConnection(this.ground, this.turn);
  }

  async beginTransaction(connection: DatabaseConnection): Promise<void> {
    await (connection as TurnConnection).begin();
  }

  async commitTransaction(connection: DatabaseConnection): Promise<void> {
    (connection as TurnConnection).end('commit');
  }

  async rollbackTransaction(connection: DatabaseConnection): Promise<void> {
    (connection as TurnConnection).end('rollback');
  }

  async releaseConnection(connection: DatabaseConnection): Promise<void> {
    (connection as TurnConnection).release();
  }

  async destroy(): Promise<void> {
    this.ground.close();
  }
}
