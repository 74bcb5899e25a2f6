import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { shared } from '../core/shared';

/** A count of changes for each kind of record, since this server started. */
export interface LiveState {
  /** Of this start of the server: counts of another one say nothing. */
  epoch: string;
  /** Which build of the app it runs. */
  build: string;
  versions: Readonly<Record<string, number>>;
}

/** A change that was stored: its kind and running number, and the key of the write that made it. */
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

/** Somebody who hears of changes; `end` is called when that is over before they go. */
export interface Listener {
  /** The device, or who sits at this machine. */
  of: string;
  change: (change: LiveChange) => void;
  /** `replaced`: newer windows of the device listen instead. `revoked`: it may not come in any more. */
  end: (why: 'replaced' | 'revoked') => void;
}

/** Windows of one device that hear of changes; one more takes the place of the oldest. */
const MOST_OF_ONE = 4;
/** At this machine itself: a person may have many windows. */
const MOST_HERE = 24;
export const AT_HOST = 'here';

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
    shared.forgetPages?.();
    for (const { change } of this.listeners) change({ kind, version, key });
  }

  /** Hears of every change from now on. Gives what ends that. */
  listen(listener: Listener): () => void {
    const mine = [...this.listeners].filter(({ of }) => of === listener.of);
    const most = listener.of === AT_HOST ? MOST_HERE : MOST_OF_ONE;
    for (const old of mine.slice(0, Math.max(0, mine.length + 1 - most))) {
      this.listeners.delete(old);
      old.end('replaced');
    }
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  }

  /** Ends all streams of a device. */
  silence(device: string): void {
    for (const listener of [...this.listeners].filter(({ of }) => of === device)) {
      this.listeners.delete(listener);
      listener.end('revoked');
    }
  }
}

declare module '../core/shared' {
  interface Shared {
    live: Live;
    /** Forgets pages that were made a moment ago; set by the host. */
    forgetPages: () => void;
  }
}

/** The one of this process. */
export const live = (): Live => (shared.live ??= new Live());
