/** Whether the server is heard: not known yet, heard, or not. */
export type LinkState = 'unknown' | 'open' | 'lost';

let state: LinkState = 'unknown';
const listeners = new Set<() => void>();

/** Of this tab, for every part of the page. */
export const linkState = {
  get: (): LinkState => state,
  set(next: LinkState): void {
    if (next === state) return;
    state = next;
    for (const listener of listeners) listener();
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
