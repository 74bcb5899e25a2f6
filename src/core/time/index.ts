export { instantFromLocal, isLocalTime, localFromInstant } from './zoned';
export { clockShiftMs, shiftClock, wallIso, wallMs } from './now';
