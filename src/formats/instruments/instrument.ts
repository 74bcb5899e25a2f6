/** An instrument as the app sees it: lines of text until it is stopped. */
export interface Instrument {
  lines: (signal: AbortSignal) => AsyncIterable<string>;
}

/** The stand-ins run faster than the clock, so that trying one is not a wait. */
export const STAND_IN_SPEED = 4;
