import { wallMs } from '@/core/time';

const startWallMs = wallMs();
const startSteadyMs = performance.now();

/**
 * The server's time in ms since 1970, the one clock of timers, ages and countdowns. It follows the
 * machine's clock, but does not jump back while the server runs when that is set back.
 */
export function nowMs(): number {
  const steadyMs = startWallMs + (performance.now() - startSteadyMs);
  return Math.round(Math.max(wallMs(), steadyMs));
}

/** The server's time as ISO 8601 in UTC. */
export const nowIso = (): string => new Date(nowMs()).toISOString();
