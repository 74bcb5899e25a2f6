import type { LogKind } from '@/core/model';

/** What the timeline can be narrowed to, with the kinds of entries of each. */
export const LOG_SHOWS = {
  all: undefined,
  choices: ['choice'],
  readings: ['reading', 'import'],
  jobs: ['job'],
  tests: ['test', 'grip'],
  outcomes: ['outcome'],
  skis: ['ski'],
  notes: ['note'],
  photos: ['photo', 'ski_photo'],
} as const satisfies Record<string, readonly LogKind[] | undefined>;
export type LogShow = keyof typeof LOG_SHOWS;

/** The part of the log that is looked at; the address of the screen carries it. */
export interface LogView {
  words: string;
  show: LogShow;
  /** Of this outing alone. */
  isHere: boolean;
  /** From 1. */
  page: number;
}

const MOST_WORDS = 100;

export type LogQuery = Readonly<Record<string, string | string[] | undefined>>;

/** What an address asks for; what it does not say, or says wrongly, is as usual. */
export function viewOf({ find, show, here, page }: LogQuery): LogView {
  return {
    words: (typeof find === 'string' ? find : '').trim().slice(0, MOST_WORDS),
    show: typeof show === 'string' && Object.hasOwn(LOG_SHOWS, show) ? (show as LogShow) : 'all',
    isHere: here === '1',
    page: Math.max(1, Math.floor(Number(page)) || 1),
  };
}

/** The address of a part of the log. */
export function pathOf(outingId: string, { words, show, isHere, page }: LogView): string {
  const query = new URLSearchParams({
    ...(words ? { find: words } : {}),
    ...(show === 'all' ? {} : { show }),
    ...(isHere ? { here: '1' } : {}),
    ...(page > 1 ? { page: String(page) } : {}),
  });
  return `/outing/${outingId}/log${query.size > 0 ? `?${query}` : ''}`;
}
