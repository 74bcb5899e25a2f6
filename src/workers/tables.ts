/**
 * Has the browser read a language's tables of dates and numbers beside the page. The first clock that a page makes waits
 * for them, 75 ms on a slow machine; once any thread has read them, all have them.
 */
export function readTables(locale: string): void {
  if (typeof Worker === 'undefined') return;
  const reader = new Worker(new URL('./tables.worker.ts', import.meta.url), { type: 'module' });
  reader.onerror = () => reader.terminate();
  reader.postMessage(locale);
}
