/** How an answer looks that is still of what was asked before: faint, and busy to whoever hears it. */
export const behind = (isBehind: boolean) =>
  isBehind ? { 'aria-busy': true, opacity: '0.5' } : {};
