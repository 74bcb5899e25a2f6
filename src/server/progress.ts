import { shared } from '../core/shared';
/** How much of each long write is done, 0 to 1, by the key of its client; forgotten when it ends. */
declare module '../core/shared' {
  interface Shared {
    progress: Map<string, number>;
  }
}
const all = () => (shared.progress ??= new Map<string, number>());

/** How much of a write is done; undefined for one that is not under way. */
export const progressOf = (key: string): number | undefined => all().get(key);

/** Runs a write that says how much of it is done. */
export async function withProgress<T>(
  key: string,
  work: (onShare: (done: number) => void) => Promise<T>,
): Promise<T> {
  all().set(key, 0);
  try {
    return await work((done) => all().set(key, done));
  } finally {
    all().delete(key);
  }
}
