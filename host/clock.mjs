// The clock of a process or a thread may run beside the machine's: tests and the demo say so by FROST_PICK_NOW, which the
// scripts turn into a shift that every process of the app gets.

import { shared } from './shared.mjs';

/** Sets the clock of this thread. */
export function setClock() {
  shared().clockShiftMs = Number(process.env.FROST_PICK_CLOCK_SHIFT_MS ?? 0);
}
