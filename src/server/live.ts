import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/** A count of changes for each kind of record, since this server started. */
export interface LiveState {
  /** Of this start of the server: counts of another one say nothing. */
  epoch: string;
  /** Which build of the app it runs. */
  build: string;
  versions: Readonly<Record<string, number>>;
}

/** A change that was stored: of which kind, the how manieth, and the key of the write that made it. */
export interface LiveChange {
  kind: string;
  version: number;
  key: string;
}

/** The build that runs, as Next names it; empty in development. */
function buildId(): string {
  try {
    return readFileSync(
      path.join(/* turbopackIgnore: true */ process.cwd(), '.next', 'BUILD_ID'),
      'utf8',
    );
  } catch {
    return '';
  }
}

type Listener = (change: LiveChange) => void;

/** More streams than a valley has devices are somebody who tries. */
const MOST_STREAMS = 200;

/** Tells whoever listens what was changed. */
class Live {
  private readonly epoch = randomUUID();
  /** Read once: what runs stays what was started, whatever is built beside it. */
  private readonly build = buildId();
  private readonly versions = new Map<string, number>();
  private readonly listeners = new Set<Listener>();

  state(): LiveState {
    return { epoch: this.epoch, build: this.build, versions: Object.fromEntries(this.versions) };
  }

  announce(kind: string, key: string): void {
    const version = (this.versions.get(kind) ?? 0) + 1;
    this.versions.set(kind, version);
    // Pages that were made before are old before anybody hears of the change.
    (globalThis as { frostForgetPages?: () => void }).frostForgetPages?.();
    for (const listener of this.listeners) listener({ kind, version, key });
  }

  /** Hears of every change from now on; undefined when too many listen already. */
  listen(listener: Listener): (() => void) | undefined {
    if (this.listeners.size >= MOST_STREAMS) return undefined;
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }
}

const shared = globalThis as { frostLive?: Live };

/** The one of this process. */
export const live = (): Live => (shared.frostLive ??= new Live());
