import { randomUUID } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { getIronSession, type IronSession, type SessionOptions } from 'iron-session';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import { dataFolder, database } from '@/data/database';
import { addDevice, deviceBySecret, sawDevice } from '@/data/devices';
import type { Device, DeviceRole } from '@/core/model';
import { bearerOf, hashOf, newSecret } from '@/formats/secrets';
import type { Caller } from '../caller';
import { nowMs } from '../clock';
import { live } from '../live';
import { isCode, newPairingCode, type PairingCode } from './pairing-code';
import { sessionKey } from './session-key';

export const SESSION_COOKIE = 'frost-pick-session';
const SEASON_S = 20_000_000;

/** Wrong codes of one address within the life of a code, then of all addresses together. */
const WRONG_OF_ONE = 5;
const WRONG_OF_ALL = 40;
const WRONG_S = 300;
const ALL = 'all';

/** So seldom is it written down when a device was last here: what was worked out from the database is old after a write. */
const SEEN_EVERY_MS = 3_600_000;

interface Session {
  secret?: string;
}

/** Why a device was not let in. */
export type PairRefusal = 'wrong_code' | 'too_many';
export type Paired = { ok: true } | { ok: false; why: PairRefusal };

/** Who comes in from beyond this machine: codes, sessions, tokens and when they were last here. */
export class Door {
  private standing: PairingCode | undefined;
  private readonly wrong = new RateLimiterMemory({ points: WRONG_OF_ONE, duration: WRONG_S });
  private readonly wrongOfAll = new RateLimiterMemory({ points: WRONG_OF_ALL, duration: WRONG_S });
  private readonly seen = new Map<string, { atMs: number; keptMs: number }>();
  private key: string | undefined;

  /** Makes the code that lets one device in; a code of before is void. */
  openCode(role: DeviceRole): PairingCode {
    this.standing = newPairingCode(role, nowMs());
    return this.standing;
  }

  /** The code that stands, if one does. */
  code(): PairingCode | undefined {
    return this.standing && nowMs() < this.standing.endsMs ? this.standing : undefined;
  }

  closeCode(): void {
    this.standing = undefined;
  }

  /** When a device was last here, ms since 1970; undefined: not since this server started. */
  seenMs(id: string): number | undefined {
    return this.seen.get(id)?.atMs;
  }

  /** Trades a code for a session on the answer. `from`: the address that asks. */
  async pair(
    { code, name, from }: { code: string; name: string; from: string },
    session: { asked: IncomingMessage; answer: ServerResponse },
  ): Promise<Paired> {
    if (await this.isBarred(from)) return { ok: false, why: 'too_many' };
    const standing = this.standing;
    if (!standing || !isCode(standing, code, nowMs())) {
      await this.noteWrong(from);
      return { ok: false, why: (await this.isBarred(from)) ? 'too_many' : 'wrong_code' };
    }
    this.closeCode();
    const { role } = standing;
    const { device, secret } = await this.letIn({ kind: 'device', name, role });
    const sealed = await this.session(session.asked, session.answer);
    sealed.secret = secret;
    await sealed.save();
    this.seen.set(device.id, { atMs: nowMs(), keptMs: 0 });
    live().announce('device', device.id);
    return { ok: true };
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

  private async secretOf(asked: IncomingMessage, answer: ServerResponse) {
    const token = bearerOf(asked.headers.authorization);
    if (token !== undefined) return token;
    if (!asked.headers.cookie?.includes(SESSION_COOKIE)) return undefined;
    return (await this.session(asked, answer)).secret;
  }

  private session(asked: IncomingMessage, answer: ServerResponse): Promise<IronSession<Session>> {
    this.key ??= sessionKey(dataFolder());
    const options: SessionOptions = {
      password: this.key,
      cookieName: SESSION_COOKIE,
      ttl: SEASON_S,
      cookieOptions: { httpOnly: true, secure: true, sameSite: 'strict', path: '/' },
    };
    return getIronSession<Session>(asked, answer, options);
  }

  private async isBarred(from: string): Promise<boolean> {
    const [one, all] = [await this.wrong.get(from), await this.wrongOfAll.get(ALL)];
    return (one?.consumedPoints ?? 0) >= WRONG_OF_ONE || (all?.consumedPoints ?? 0) >= WRONG_OF_ALL;
  }

  private async noteWrong(from: string): Promise<void> {
    await Promise.all([this.wrong.penalty(from, 1), this.wrongOfAll.penalty(ALL, 1)]);
    // So many wrong ones are somebody who tries: what they were close to is void.
    if (((await this.wrongOfAll.get(ALL))?.consumedPoints ?? 0) >= WRONG_OF_ALL) this.closeCode();
  }

  private async noteSeen(id: string): Promise<void> {
    const now = nowMs();
    const keptMs = this.seen.get(id)?.keptMs ?? 0;
    const isDue = now - keptMs > SEEN_EVERY_MS;
    this.seen.set(id, { atMs: now, keptMs: isDue ? now : keptMs });
    if (isDue) await sawDevice(database(), id, new Date(now).toISOString()).catch(() => undefined);
  }
}

const shared = globalThis as { frostDoor?: Door };

/** The one door of this process. */
export const door = (): Door => (shared.frostDoor ??= new Door());
