import type { Cursor, Hello, HubPart, Pulled, Welcome } from '@/formats/hub/messages';

const PATIENCE_MS = 60_000;

/** Why the hub could not be used. */
export type HubProblem = 'unreachable' | 'not_let_in' | 'older' | 'not_yours' | 'full' | 'failed';

/** The hub did not do what was asked. */
export class HubRefusal extends Error {
  constructor(readonly problem: HubProblem) {
    super(problem);
    this.name = 'HubRefusal';
  }
}

const PROBLEM_OF: Readonly<Record<number, HubProblem>> = {
  401: 'not_let_in',
  404: 'older',
  409: 'not_yours',
  507: 'full',
};

/** The hub, as a cabin speaks to it. */
export interface HubClient {
  hello: (hello: Hello) => Promise<Welcome>;
  pull: (session: number, after: Cursor | null) => Promise<Pulled>;
  /** `isRelay`: others wrote it, and the hub has lost it. */
  push: (session: number, parts: readonly HubPart[], isRelay: boolean) => Promise<Cursor>;
  /** Up to where the hub has each document, base64, by name. */
  vectors: () => Promise<Record<string, string>>;
  putPicture: (kind: string, ref: string, jpeg: Buffer) => Promise<void>;
  picture: (kind: string, ref: string) => Promise<Buffer | undefined>;
}

/** Speaks to a hub over HTTP with the token of this cabin. */
export function hubClient({ url, token }: { url: string; token: string }): HubClient {
  const ask = async <T>(route: string, input: unknown): Promise<T> => {
    const answer = await fetch(new URL(`/v2/${route}`, url), {
      method: 'POST',
      headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
      body: JSON.stringify(input),
      signal: AbortSignal.timeout(PATIENCE_MS),
      redirect: 'error',
    }).catch(() => {
      throw new HubRefusal('unreachable');
    });
    if (!answer.ok) throw new HubRefusal(PROBLEM_OF[answer.status] ?? 'failed');
    return (await answer.json().catch(() => {
      throw new HubRefusal('failed');
    })) as T;
  };
  return {
    hello: (hello) => ask<Welcome>('hello', hello),
    pull: (session, after) => ask<Pulled>('pull', { session, after }),
    push: async (session, parts, isRelay) =>
      (await ask<{ cursor: Cursor }>('push', { session, parts, isRelay })).cursor,
    vectors: async () => (await ask<{ vectors: Record<string, string> }>('vectors', {})).vectors,
    putPicture: async (kind, ref, jpeg) => {
      await ask('put-picture', { kind, ref, jpeg: jpeg.toString('base64') });
    },
    picture: async (kind, ref) => {
      const { jpeg } = await ask<{ jpeg: string | null }>('picture', { kind, ref });
      return jpeg === null ? undefined : Buffer.from(jpeg, 'base64');
    },
  };
}
