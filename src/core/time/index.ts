export { instantFromLocal, isLocalTime, localFromInstant } from './zoned';
