/** The machine's clock, ms since 1970: the one place that reads it, so that a test can set it. */
export const wallMs = (): number => Date.now();

/** The machine's clock as ISO 8601 in UTC. */
export const wallIso = (): string => new Date(wallMs()).toISOString();
