import type { Cursor, HubRecord, Pulled } from '@/formats/hub/messages';

const PATIENCE_MS = 60_000;

/** Why the hub could not be used. */
export type HubProblem = 'unreachable' | 'not_let_in' | 'failed';

/** The hub did not do what was asked. */
export class HubRefusal extends Error {
  constructor(readonly problem: HubProblem) {
    super(problem);
    this.name = 'HubRefusal';
  }
}

const UNAUTHORISED = 401;

/** The hub, as a cabin speaks to it. */
export interface HubClient {
  check: (cursors: readonly (Cursor | null)[]) => Promise<boolean[]>;
  push: (records: readonly HubRecord[]) => Promise<Cursor>;
  pull: (after: Cursor | null) => Promise<Pulled>;
}

/** Speaks to a hub over HTTP with the token of this cabin. */
export function hubClient({ url, token }: { url: string; token: string }): HubClient {
  const ask = async <T>(deed: string, input: unknown): Promise<T> => {
    const answer = await fetch(new URL(`/v1/${deed}`, url), {
      method: 'POST',
      headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
      body: JSON.stringify(input),
      signal: AbortSignal.timeout(PATIENCE_MS),
      redirect: 'error',
    }).catch(() => {
      throw new HubRefusal('unreachable');
    });
    if (answer.status === UNAUTHORISED) throw new HubRefusal('not_let_in');
    if (!answer.ok) throw new HubRefusal('failed');
    return (await answer.json().catch(() => {
      throw new HubRefusal('failed');
    })) as T;
  };
  return {
    check: async (cursors) => (await ask<{ known: boolean[] }>('check', { cursors })).known,
    push: async (records) => (await ask<{ cursor: Cursor }>('push', { records })).cursor,
    pull: (after) => ask<Pulled>('pull', { after }),
  };
}
