/** Year and month of an instant, UTC. */
export function calendarParts(iso: string): { year: number; month: number } {
  const date = new Date(iso);
  return { year: date.getUTCFullYear(), month: date.getUTCMonth() + 1 };
}
