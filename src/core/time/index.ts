export { instantFromLocal, isLocalTime, localFromInstant } from './zoned';
export { wallIso, wallMs } from './now';
