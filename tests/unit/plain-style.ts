// Every search by name asks each element for its style, which happy-dom computes anew from all sheets: an
// element's own style is enough where nothing is drawn.
if (typeof window !== 'undefined')
  window.getComputedStyle = (element) => (element as HTMLElement).style;
