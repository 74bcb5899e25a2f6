import { vi } from 'vitest';
import { outbox } from '@/ui/outbox/outbox';
import { forgetEntry, keptEntries } from '@/ui/outbox/outbox-store';

/** What the server answers in place of itself: an answer, or nothing by a rejection. */
export type Instead = (() => Promise<Response>) | undefined;

/** The route of the outbox stands behind fetch; `instead` may answer for it. */
export function outboxHere(instead: () => Instead = () => undefined): void {
  vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
    const own = instead();
    if (own) return own();
    const { POST } = await import('../../app/api/v1/outbox/route');
    return POST(new Request(`http://localhost${path}`, { ...init, signal: undefined }));
  });
}

/** Nothing waits on this device. */
export async function emptyOutbox(): Promise<void> {
  for (const { turn } of await keptEntries()) await forgetEntry(turn);
  // Which it hears of as from another tab.
  await outbox.delete(0);
}
