import { shiftClock } from '../../core/time';

/** A page takes its clock from the server that made it, where that runs beside the machine's. */
export function takeClock(): void {
  if (typeof document === 'undefined') return;
  const { clockShiftMs } = document.documentElement.dataset;
  if (clockShiftMs) shiftClock(Number(clockShiftMs));
}
