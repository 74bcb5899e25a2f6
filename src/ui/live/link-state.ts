/** Whether the server is heard: not known yet, heard, or not; and whether it runs a newer app than this page. */
export interface Link {
  state: 'unknown' | 'open' | 'lost';
  isNewer: boolean;
}

const UNKNOWN: Link = { state: 'unknown', isNewer: false };
let link = UNKNOWN;
const listeners = new Set<() => void>();

/** Of this tab, for every part of the page. */
export const linkState = {
  get: (): Link => link,
  /** Before the page has heard anything, as on the server. */
  start: (): Link => UNKNOWN,
  set(change: Partial<Link>): void {
    const next = { ...link, ...change };
    if (next.state === link.state && next.isNewer === link.isNewer) return;
    link = next;
    for (const listener of listeners) listener();
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
