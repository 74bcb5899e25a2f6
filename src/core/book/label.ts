import type { BookRecord } from './kinds';

/** What people call a record: its name, else what it says, else its id. */
export const labelOf = (record: BookRecord): string =>
  String(record.name ?? record.product_name ?? record.words ?? record.key ?? record.id ?? '');
