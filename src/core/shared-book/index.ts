export { documentOf, kindOf, PARTED } from './places';
export {
  COUNTERS,
  fieldsOf,
  isUpdate,
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
export { BY_HUB, OF_ALL } from './senders';
export { counted } from './counters';
export { MOST_CHANGED_UNCOPIED, MOST_REMOVED_A_DAY } from './figures';
export { fixedColumns, keepPart, newSessions, type Owners } from './keeping';
