import type { BookName } from './kinds';

/** Stands for a column where the whole record was removed in one of two books; no column is called so. */
export const REMOVAL = 'removed';

/** A record that differs, with what it says here and in the other book. */
export interface Difference {
  /** Names it among all differences. */
  id: string;
  name: BookName;
  /** What people call it. */
  label: string;
  columns: { column: string; mine: unknown; theirs: unknown }[];
  /** Neither can be changed: what stands here stays. */
  isFixed: boolean;
  /** What stands afterwards is the other book's. */
  isTaken: boolean;
}

/** How many records of a kind are dealt with in which way. */
export interface KindCount {
  name: BookName;
  added: number;
  changed: number;
  same: number;
  /** Changed later here. */
  kept: number;
  removed: number;
  /** A person decides. */
  conflicts: number;
  /** Written once in both, and not the same: what is here stays. */
  fixed: number;
}

/** What meeting another book does, or would do. */
export interface MergeReport {
  kinds: KindCount[];
  changes: Difference[];
  conflicts: Difference[];
  /** Photos that came without their picture. */
  withoutPicture: number;
  /** Names that a new record has in common with another one that is here. */
  sameNames: { name: BookName; label: string }[];
}
