// How the tests of screens and their parts use the browser that stands in for one.
import { afterEach } from 'vitest';

if (typeof document !== 'undefined') {
  const { cleanup, configure } = await import('@testing-library/react');
  configure({
    // Whether an element is seen is the browser tests' to say: asking for it makes every search slow.
    defaultHidden: true,
    // A shared machine may be slow: no test here is about time.
    asyncUtilTimeout: 60_000,
    getElementError: (message) => new Error((message ?? '').slice(0, 300)),
  });
  // Every search by name asks each element for its style, which happy-dom computes anew from all sheets: an element's
  // own style is enough where nothing is drawn.
  window.getComputedStyle = (element) => (element as HTMLElement).style;
  afterEach(() => {
    cleanup();
    localStorage.clear();
  });
}
