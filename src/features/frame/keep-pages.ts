import { wallMs } from '@/core/time';
import { leadsIn, PAGES_CACHE, screensOf } from '@/workers/kept-pages';

/** Kept pages are fetched anew when they are older. */
const FRESH_MS = 1_800_000;
/** Between two pages: the server has others to serve too. */
const PAUSE_MS = 1000;
const PLACE = 'frost-kept:';

const pause = () => new Promise((resolve) => setTimeout(resolve, PAUSE_MS));

function keptMs(outingId: string): number {
  try {
    return Number(localStorage.getItem(PLACE + outingId)) || 0;
  } catch {
    return 0;
  }
}

/** Fetches a page and keeps it; gives its HTML, or undefined where it did not come. */
async function keep(pages: Cache, url: string): Promise<string | undefined> {
  const answer = await fetch(url, { headers: { accept: 'text/html' } });
  if (!answer.ok || answer.redirected) return undefined;
  await pages.put(url, answer.clone());
  return answer.text();
}

/**
 * Keeps the screens of an outing on this device, with its skis and the jobs that run, one page after the other and not
 * more often than twice an hour. Ends quietly when the server is out of reach.
 */
export async function keepOuting(outingId: string, isWanted: () => boolean): Promise<void> {
  if (wallMs() - keptMs(outingId) < FRESH_MS) return;
  const pages = await caches.open(PAGES_CACHE);
  const todo = screensOf(outingId);
  const known = new Set(todo);
  for (let next = todo.shift(); next !== undefined; next = todo.shift()) {
    if (!isWanted()) return;
    const html = await keep(pages, next);
    for (const lead of html === undefined ? [] : leadsIn(html)) {
      if (known.has(lead)) continue;
      known.add(lead);
      todo.push(lead);
    }
    await pause();
  }
  localStorage.setItem(PLACE + outingId, String(wallMs()));
}
