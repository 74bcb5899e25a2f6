'use client';

import { useLive, type SeenLive } from './use-live';

/** Keeps a page in step with what others change; shows nothing itself. */
export function LivePage({ page, of }: { page: SeenLive; of?: readonly string[] }) {
  useLive(page, of && ((kind) => of.includes(kind)));
  return null;
}
