export { documentOf, kindOf, PARTED } from './places';
export {
  COUNTERS,
  fieldsOf,
  isStanding,
  openDocument,
  putRecord,
  rawOf,
  refsIn,
  removedAt,
  removeRecord,
  setField,
  type Fields,
  type RawRecord,
} from './record';
export { meet, type MetField, type MetRecord, type Part } from './meeting';
export { counted } from './counters';
export { MOST_CHANGED_UNCOPIED, MOST_REMOVED_A_DAY } from './figures';
export { fixedColumns, keepPart, newSessions, type Owners } from './keeping';
