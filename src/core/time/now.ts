import { shared } from '../shared';

declare module '../shared' {
  interface Shared {
    /** What the app's clock is ahead of the machine's, ms: none, but for tests and a demo of another day. */
    clockShiftMs: number;
  }
}

/** The clock, ms since 1970: the one place that reads it, so that a test can set it. */
export const wallMs = (): number => Date.now() + (shared.clockShiftMs ?? 0);

/** The clock as ISO 8601 in UTC. */
export const wallIso = (): string => new Date(wallMs()).toISOString();

/** How far this process's clock is ahead of the machine's, ms. */
export const clockShiftMs = (): number => shared.clockShiftMs ?? 0;

/** Sets the clock of this process beside the machine's; see `host/clock.mjs`. */
export function shiftClock(shiftMs: number): void {
  shared.clockShiftMs = shiftMs;
}
