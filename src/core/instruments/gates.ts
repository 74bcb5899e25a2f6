import type { FindingOf, NoFigures } from '../finding';
import { INSTRUMENTS } from './figures';

/** A beam that was broken: at the start or at the finish, by the clock of the gates. */
export interface Pulse {
  gate: 'start' | 'finish';
  seconds: number;
}

/** What was not as it should be, and what was made of it. */
export type GateNote = FindingOf<{
  double: { gate: Pulse['gate'] };
  came_late: { gate: Pulse['gate'] };
  missed_start: NoFigures;
  missed_finish: NoFigures;
}>;

export interface GatedRun {
  /** Between the gates; absent where a pulse is missing. */
  seconds?: number;
  notes: GateNote[];
}

/** The same beam broken again at once is the same pass: the first counts. */
function withoutDoubles(pulses: readonly Pulse[], notes: GateNote[]): Pulse[] {
  const kept: Pulse[] = [];
  for (const pulse of pulses) {
    const before = kept.findLast(({ gate }) => gate === pulse.gate);
    if (before && pulse.seconds - before.seconds < INSTRUMENTS.gateDoubleS) {
      notes.push({ code: 'double', gate: pulse.gate });
    } else kept.push(pulse);
  }
  return kept;
}

/**
 * The time of one run from the pulses of its gates, in the order in which they arrived. They are read by the gates' own
 * clock: one that arrived late counts where it belongs. A beam that is broken twice counts once. A start without a
 * finish is given up for the next one. Example: start 3.00, finish 23.57 → 20.57 s.
 */
export function readGates(arrived: readonly Pulse[]): GatedRun {
  const notes: GateNote[] = [];
  for (const [k, pulse] of arrived.entries()) {
    const isLate = arrived.slice(0, k).some(({ seconds }) => seconds > pulse.seconds);
    if (isLate) notes.push({ code: 'came_late', gate: pulse.gate });
  }
  const inOrder = [...arrived].sort((a, b) => a.seconds - b.seconds);
  const pulses = withoutDoubles(inOrder, notes);
  const finish = pulses.findLast(({ gate }) => gate === 'finish');
  const starts = pulses.filter(({ gate }) => gate === 'start');
  const start = starts.findLast(
    ({ seconds }) => finish && finish.seconds - seconds >= INSTRUMENTS.gateShortestS,
  );
  if (finish && !start) notes.push({ code: 'missed_start' });
  if (starts.length > (start ? 1 : 0)) notes.push({ code: 'missed_finish' });
  return start && finish ? { seconds: finish.seconds - start.seconds, notes } : { notes };
}
