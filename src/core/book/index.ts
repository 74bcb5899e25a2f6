export {
  BOOK,
  BOOK_NAMES,
  bookKind,
  columnsOf,
  segmentColumns,
  type BookKind,
  type BookName,
  type BookRecord,
  type BookRule,
  type Tombstone,
} from './kinds';
export { decide, differences, keptInConflict, type Verdict } from './merge';
export { courseRecord, recordOf, rowFrom, segmentRowFrom } from './rows';
export { completed } from './older';
export { labelOf } from './label';
export { tombstoneKey, isGone, mergedTombstones } from './gone';
export { REMOVAL, type Difference, type KindCount, type MergeReport } from './report';
