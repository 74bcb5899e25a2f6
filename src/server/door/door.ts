import { randomUUID } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { getIronSession, type IronSession, type SessionOptions } from 'iron-session';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { dataFolder, database } from '@/data/process-database';
import { addDevice, deviceBySecret, isNameTaken, sawDevice } from '@/data/devices';
import type { Device, DeviceRole } from '@/core/model';
import { bearerOf, hashOf, newSecret } from '@/formats/secrets';
import type { Caller } from '../caller';
import { nowIso, nowMs } from '../clock';
import { live } from '../live';
import { CODE_LIVES_MS, isCode, isSecret, newPairingCode, type PairingCode } from './pairing-code';
import { keepRevoked } from './revocations';
import { sessionKey } from './session-key';
import { shared } from '@/core/shared';

export const SESSION_COOKIE = 'frost-pick-session';
/** Browsers tell cookies apart by host alone: two servers of one machine by the port in the name. */
const cookieOf = ({ socket }: IncomingMessage) => `${SESSION_COOKIE}-${socket.localPort ?? 0}`;
const SEASON_S = 20_000_000;

/** Wrong tries at one code, of an address and of all together. A new code begins anew. */
const WRONG_OF_ONE = 5;
const WRONG_OF_ALL = 40;
const ALL = 'all';
/** So many addresses that tried in vain are shown, each for as long as a code lives. */
const MOST_TRIES = 12;
/** The host hears of tries so seldom, however many there are. */
const TELL_EVERY_MS = 3000;

/** So seldom is it written down when a device was last here: what was worked out from the database is old after a write. */
const SEEN_EVERY_MS = 3_600_000;

interface Session {
  secret?: string;
}

/** Why a device was not let in. */
export type PairRefusal = 'wrong_code' | 'too_many' | 'name_taken';
export type Paired = { ok: true } | { ok: false; why: PairRefusal };

/** What a device sends to be paired. */
export interface PairRequest {
  /** As it was typed. */
  code: string;
  /** As it was scanned; empty for a typed code. */
  secret: string;
  name: string;
  /** The address that asks. */
  from: string;
}

/** Somebody who tried to pair in vain, as the host computer shows it. */
export interface PairTry {
  from: string;
  name: string;
  atMs: number;
}

const newLimits = () => ({
  one: new RateLimiterMemory({ points: WRONG_OF_ONE, duration: CODE_LIVES_MS / 1000 }),
  all: new RateLimiterMemory({ points: WRONG_OF_ALL, duration: CODE_LIVES_MS / 1000 }),
});

/** Who comes in from beyond this machine: codes, sessions, tokens and when they were last here. */
export class Door {
  private standing: PairingCode | undefined;
  private wrong = newLimits();
  private readonly tries = new Map<string, PairTry>();
  private readonly invited = new Map<string, { role: DeviceRole; endsMs: number }>();
  private announcedMs = 0;
  private readonly seen = new Map<string, { atMs: number; keptMs: number }>();
  private key: string | undefined;

  /** Makes the code that lets one device in. It replaces the previous code, and what was tried at that. */
  openCode(role: DeviceRole): PairingCode {
    this.standing = newPairingCode(role, nowMs());
    this.wrong = newLimits();
    return this.standing;
  }

  /** The code that stands, if one does. */
  code(): PairingCode | undefined {
    return this.standing && nowMs() < this.standing.endsMs ? this.standing : undefined;
  }

  closeCode(): void {
    this.standing = undefined;
  }

  /** Who tried to pair in vain within the last minutes, the latest first. */
  triesNow(): PairTry[] {
    const now = nowMs();
    return [...this.tries.values()].filter(({ atMs }) => now - atMs < CODE_LIVES_MS).reverse();
  }

  /** Lets the next try of an address in, whatever code it brings. False where nobody tried from there. */
  invite(from: string, role: DeviceRole): boolean {
    if (!this.triesNow().some((one) => one.from === from)) return false;
    this.invited.set(from, { role, endsMs: nowMs() + CODE_LIVES_MS });
    this.tries.delete(from);
    return true;
  }

  /** When a device was last here, ms since 1970; undefined: not since this server started. */
  seenMs(id: string): number | undefined {
    return this.seen.get(id)?.atMs;
  }

  /** Trades a code for a session on the answer. */
  async pair(
    asked: PairRequest,
    session: { asked: IncomingMessage; answer: ServerResponse },
  ): Promise<Paired> {
    const granted = await this.roleFor(asked);
    if (!granted.ok) {
      this.noteTry(asked);
      return granted;
    }
    const { name, from } = asked;
    if (await isNameTaken(database(), name)) return { ok: false, why: 'name_taken' };
    // Asked at once with nothing between: of two that came together with one code, one is let in.
    if (!granted.use()) return { ok: false, why: 'wrong_code' };
    const { device, secret } = await this.letIn({ kind: 'device', name, role: granted.role });
    const sealed = await this.session(session.asked, session.answer);
    sealed.secret = secret;
    await sealed.save();
    this.seen.set(device.id, { atMs: nowMs(), keptMs: 0 });
    this.tries.delete(from);
    live().announce('device', device.id);
    return { ok: true };
  }

  /** What a request to pair may do, and what uses that up; only tries at a code that stands are counted. */
  private async roleFor({
    code,
    secret,
    from,
  }: PairRequest): Promise<
    { ok: true; role: DeviceRole; use: () => boolean } | { ok: false; why: PairRefusal }
  > {
    const invitation = this.invited.get(from);
    if (invitation && nowMs() < invitation.endsMs) {
      return { ok: true, role: invitation.role, use: () => this.invited.delete(from) };
    }
    const standing = this.code();
    if (!standing) return { ok: false, why: 'wrong_code' };
    const use = () => {
      if (this.standing !== standing) return false;
      this.closeCode();
      return true;
    };
    const granted = { ok: true as const, role: standing.role, use };
    if (secret !== '' && isSecret(standing, secret, nowMs())) return granted;
    if (await this.isBarred(from)) return { ok: false, why: 'too_many' };
    if (isCode(standing, code, nowMs())) return granted;
    await Promise.all([this.wrong.one.penalty(from, 1), this.wrong.all.penalty(ALL, 1)]);
    return { ok: false, why: (await this.isBarred(from)) ? 'too_many' : 'wrong_code' };
  }

  /** Writes down a device or a token that may come in; its secret is told this once. */
  async letIn(one: Pick<Device, 'kind' | 'name' | 'role'>, id: string = randomUUID()) {
    const secret = newSecret();
    const createdAt = new Date(nowMs()).toISOString();
    const device: Device = { ...one, id, secretHash: hashOf(secret), createdAt };
    await addDevice(database(), device);
    return { device, secret };
  }

  /** Who asks, by its session or its token; undefined: nobody who was let in. */
  async callerOf(asked: IncomingMessage, answer: ServerResponse): Promise<Caller | undefined> {
    const secret = await this.secretOf(asked, answer);
    if (secret === undefined) return undefined;
    const device = await deviceBySecret(database(), hashOf(secret));
    if (!device) return undefined;
    await this.noteSeen(device.id);
    return { door: 'beyond', id: device.id, name: device.name, role: device.role };
  }

  /** Ends the streams of a device that was revoked, and keeps that beyond a copy that is put back. */
  async afterRevoking(id: string): Promise<void> {
    live().silence(id);
    await keepRevoked(database(), { folder: dataFolder(), at: nowIso() });
  }

  private async secretOf(asked: IncomingMessage, answer: ServerResponse) {
    const token = bearerOf(asked.headers.authorization);
    if (token !== undefined) return token;
    if (!asked.headers.cookie?.includes(SESSION_COOKIE)) return undefined;
    return (
      (await this.session(asked, answer)).secret ??
      // As it was called before the port was in it.
      (await this.session(asked, answer, SESSION_COOKIE)).secret
    );
  }

  private session(
    asked: IncomingMessage,
    answer: ServerResponse,
    cookieName = cookieOf(asked),
  ): Promise<IronSession<Session>> {
    this.key ??= sessionKey(dataFolder());
    const options: SessionOptions = {
      password: this.key,
      cookieName,
      ttl: SEASON_S,
      cookieOptions: { httpOnly: true, secure: true, sameSite: 'strict', path: '/' },
    };
    return getIronSession<Session>(asked, answer, options);
  }

  private async isBarred(from: string): Promise<boolean> {
    const [one, all] = await Promise.all([this.wrong.one.get(from), this.wrong.all.get(ALL)]);
    return (one?.consumedPoints ?? 0) >= WRONG_OF_ONE || (all?.consumedPoints ?? 0) >= WRONG_OF_ALL;
  }

  /** The host computer shows who tries. */
  private noteTry({ from, name }: PairRequest): void {
    const now = nowMs();
    this.tries.delete(from);
    this.tries.set(from, { from, name, atMs: now });
    for (const oldest of this.tries.keys()) {
      if (this.tries.size <= MOST_TRIES) break;
      this.tries.delete(oldest);
    }
    if (now - this.announcedMs < TELL_EVERY_MS) return;
    this.announcedMs = now;
    live().announce('device', from);
  }

  private async noteSeen(id: string): Promise<void> {
    const now = nowMs();
    const keptMs = this.seen.get(id)?.keptMs ?? 0;
    const isDue = now - keptMs > SEEN_EVERY_MS;
    this.seen.set(id, { atMs: now, keptMs: isDue ? now : keptMs });
    if (isDue) await sawDevice(database(), id, new Date(now).toISOString()).catch(() => undefined);
  }
}

declare module '@/core/shared' {
  interface Shared {
    door: Door;
  }
}

/** The one door of this process. */
export const door = (): Door => (shared.door ??= new Door());
