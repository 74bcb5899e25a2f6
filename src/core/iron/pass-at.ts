import type { PassTiming } from './types';

/** Which pass it is after so many seconds, and how far into it. */
export function passAt(timings: readonly PassTiming[], seconds: number) {
  let fromS = 0;
  for (const [pass, { passS, restS }] of timings.entries()) {
    const isLast = pass === timings.length - 1;
    if (isLast || seconds < fromS + passS + restS) return { pass, inPassS: seconds - fromS, passS };
    fromS += passS + restS;
  }
  return { pass: 0, inPassS: 0, passS: 1 };
}
