import { randomSource } from '@/core/random';
import { STAND_IN_SPEED, type Instrument } from '@/formats/instruments/instrument';
import { writeInstrumentLine } from '@/formats/instruments/lines';

const START = 1;
const FINISH = 2;
/** From letting go to the first gate, s. */
const TO_START_S = 2;
const DOUBLE_AFTER_S = 0.15;
const SECOND_MS = 1000;
/** Of ten runs about so many have a beam broken twice, a pulse that arrives late, one that is missed. */
const SHARES = { double: 0.15, late: 0.1, missed: 0.08 };
const RUN_SD_S = 0.08;

const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** Two timing gates: one run of about so many seconds, with the faults that gates have. */
export function pretendedGates(aboutS: number, seed: number): Instrument {
  return {
    async *lines(signal) {
      const random = randomSource(seed);
      const runS = aboutS + RUN_SD_S * random.normal();
      const fate = random.uniform();
      const line = (gate: number, seconds: number) =>
        writeInstrumentLine({ kind: 'gate', values: [gate, seconds] });
      const isDouble = fate < SHARES.double;
      const isLate = !isDouble && fate < SHARES.double + SHARES.late;
      const isMissed = fate > 1 - SHARES.missed;
      await pause((TO_START_S * SECOND_MS) / STAND_IN_SPEED);
      if (signal.aborted) return;
      if (!isLate) yield line(START, TO_START_S);
      if (isDouble) yield line(START, TO_START_S + DOUBLE_AFTER_S);
      await pause((runS * SECOND_MS) / STAND_IN_SPEED);
      if (signal.aborted) return;
      if (!isMissed) yield line(FINISH, TO_START_S + runS);
      if (isLate) yield line(START, TO_START_S);
    },
  };
}
