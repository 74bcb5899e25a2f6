if (typeof document !== 'undefined') {
  const { configure } = await import('@testing-library/react');
  // A shared machine may be slow: no test here is about time.
  configure({ asyncUtilTimeout: 60_000 });
  // Every search by name asks each element for its style, which happy-dom computes anew from all sheets: an element's
  // own style is enough where nothing is drawn.
  window.getComputedStyle = (element) => (element as HTMLElement).style;
}

export {};
