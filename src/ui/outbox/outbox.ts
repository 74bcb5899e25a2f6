import { linkState } from '../live/link-state';
import {
  forgetEntry,
  keepEntry,
  keptEntries,
  markEntry,
  putEntryBack,
  type NewEntry,
  type OutboxEntry,
} from './outbox-store';

/** What is known of the outbox on this device. */
export interface OutboxState {
  entries: readonly OutboxEntry[];
  /** Those that were sent since this page was opened. */
  sent: readonly OutboxEntry[];
  /** Of these, how many had waited: for most the server answers at once. */
  late: number;
  /** Whether the store of this device was read; without one nothing can wait here. */
  store: 'unread' | 'read' | 'none';
  /** The server turned the device away: nothing is sent until it is paired again. */
  isTurnedAway: boolean;
}

const PATH = '/api/v1/outbox';
const LOCK = 'frost-outbox';
const AGAIN_MS = 5000;
const PATIENCE_MS = 20_000;
const UNPAIRED = 401;
const [REFUSED_FROM, REFUSED_TO, TOO_MANY, FAILED] = [400, 500, 429, 500];
/** Tried so often, what the server fails at waits for a person, and what comes after it goes on. */
const MOST_FAILS = 3;

export const EMPTY: OutboxState = {
  entries: [],
  sent: [],
  late: 0,
  store: 'unread',
  isTurnedAway: false,
};

/** Sends what waits on this device, in its order, each once; what the server refuses waits for a person. */
class Outbox {
  private state: OutboxState = EMPTY;
  private readonly listeners = new Set<() => void>();
  private channel: BroadcastChannel | undefined;
  private timer: ReturnType<typeof setInterval> | undefined;
  private readonly waited = new Set<string>();
  private isSending = false;
  private loading: Promise<void> | undefined;

  get = (): OutboxState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    void this.ready();
    return () => this.listeners.delete(listener);
  };

  /** Reads what an earlier visit left, and begins to send it. */
  ready(): Promise<void> {
    this.loading ??= this.begin().catch(() => {
      // No store on this device: nothing can wait here, and every write goes straight to the server.
      this.loading = undefined;
      this.tell({ store: 'none' });
    });
    return this.loading;
  }

  /** True while something waits to be sent: what comes after it waits behind it. */
  hasWaiting = (): boolean => this.state.entries.some(({ why }) => why === undefined);

  /** Keeps a write on this device and sends it when the server answers; throws where it cannot be kept. */
  async keep(entry: NewEntry): Promise<void> {
    await keepEntry(entry);
    // Else a browser may clear it away when its disk is full.
    void navigator.storage?.persist?.().catch(() => undefined);
    await this.changed();
    void this.flush();
  }

  /** A person deletes a write that waits or was refused. */
  async delete(turn: number): Promise<void> {
    await forgetEntry(turn);
    await this.changed();
  }

  /** Takes that back. */
  async putBack(entry: OutboxEntry): Promise<void> {
    await putEntryBack(entry);
    await this.changed();
    void this.flush();
  }

  /** A person has mended what was in the way: sent again. */
  async again(turn: number): Promise<void> {
    await markEntry(turn, { why: undefined, fails: 0 });
    await this.changed();
    void this.flush();
  }

  /** Sends all that waits; one tab at a time. */
  async flush(): Promise<void> {
    if (this.isSending) return;
    this.isSending = true;
    try {
      await this.alone(async () => {
        // Another tab may have sent some meanwhile.
        await this.load();
        for (;;) {
          const next = this.state.entries.find(({ why }) => why === undefined);
          if (!next) return;
          if (!(await this.send(next))) {
            this.noteWaiting();
            return;
          }
        }
      });
    } catch {
      // The store failed: what is in it is still there, and is tried again.
    } finally {
      this.isSending = false;
    }
  }

  private async begin(): Promise<void> {
    await this.load();
    this.noteWaiting();
    if (typeof BroadcastChannel !== 'undefined') {
      this.channel = new BroadcastChannel(LOCK);
      this.channel.onmessage = () => void this.load().catch(() => undefined);
    }
    this.timer ??= setInterval(() => {
      if (this.hasWaiting()) void this.flush();
    }, AGAIN_MS);
    window.addEventListener('online', () => void this.flush());
    linkState.subscribe(() => {
      if (linkState.get().state === 'open') void this.flush();
    });
    void this.flush();
  }

  /** What is here now could not be sent at once. */
  private noteWaiting(): void {
    for (const { key } of this.state.entries) this.waited.add(key);
  }

  private async load(): Promise<void> {
    this.tell({ entries: await keptEntries(), store: 'read' });
  }

  private async changed(): Promise<void> {
    await this.load();
    this.channel?.postMessage(null);
  }

  private tell(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }

  private async alone(work: () => Promise<void>): Promise<void> {
    if (navigator.locks) await navigator.locks.request(LOCK, work);
    else await work();
  }

  /** Sends one; false where the server did not answer and the rest must wait. */
  private async send(entry: OutboxEntry): Promise<boolean> {
    const { turn, kind, key, input } = entry;
    const answer = await fetch(PATH, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ kind, key, input }),
      signal: AbortSignal.timeout(PATIENCE_MS),
    }).catch(() => undefined);
    if (!answer) return false;
    if (answer.status === UNPAIRED) {
      this.tell({ isTurnedAway: true });
      return false;
    }
    if (answer.ok) {
      await forgetEntry(turn);
      const { sent, late, entries } = this.state;
      const hasWaited = this.waited.has(key);
      // In one breath: it stands in one of both lists, never in both.
      this.tell({
        entries: entries.filter((one) => one.turn !== turn),
        sent: [...sent, entry],
        late: late + (hasWaited ? 1 : 0),
        isTurnedAway: false,
      });
    } else {
      const { status } = answer;
      const fails = (entry.fails ?? 0) + (status === FAILED ? 1 : 0);
      const isRefused = status >= REFUSED_FROM && status < REFUSED_TO && status !== TOO_MANY;
      const isHopeless = status === FAILED && fails >= MOST_FAILS;
      if (!isRefused && !isHopeless) {
        if (status === FAILED) await markEntry(turn, { fails });
        return false;
      }
      const said = (await answer.json().catch(() => ({}))) as { message?: string };
      await markEntry(turn, { why: said.message ?? String(status), fails });
    }
    await this.changed();
    return true;
  }
}

/** The one of this tab. */
export const outbox = new Outbox();
