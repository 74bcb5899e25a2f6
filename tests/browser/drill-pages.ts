import type { Drill } from '@/core/practice';

/** A situation of each drill. */
const SITUATIONS: Record<Drill, string> = {
  iron: 'topic=middle&seed=2',
  snow: 'topic=refrozen&seed=2',
  pick: 'topic=machine_made&seed=2',
  order: 'topic=liquid&seed=2',
  see: 'topic=burn&seed=2',
  test: 'topic=close&seed=2',
};

/** The same by address. */
export const DRILL_PAGES = Object.entries(SITUATIONS).map(
  ([drill, situation]) => `/practice/${drill}?${situation}`,
);
