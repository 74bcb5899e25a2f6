import type { Migration } from 'kysely';
import * as firstSlice from './0001-first-slice';

/** Every migration in order; a landed one never changes. */
export const MIGRATIONS: Record<string, Migration> = {
  '0001-first-slice': firstSlice,
};
