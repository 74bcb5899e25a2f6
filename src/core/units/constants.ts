/** Time and lengths by definition. */
export const SECOND_MS = 1000;
export const MINUTE_MS = 60 * SECOND_MS;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
export const WEEK_MS = 7 * DAY_MS;
export const HOUR_S = 3600;
export const DAY_S = 24 * HOUR_S;
export const METRES_PER_FOOT = 0.3048;
export const KILOMETRES_PER_MILE = 1.609344;
export const FAHRENHEIT = { perKelvin: 1.8, atZeroC: 32 } as const;
