import { grouped } from '../core/grouped';

/** Rows by the ski they belong to, in their order. */
export const bySki = <T extends { skiId: string }>(rows: readonly T[]): Map<string, T[]> =>
  grouped(rows, ({ skiId }) => skiId);
