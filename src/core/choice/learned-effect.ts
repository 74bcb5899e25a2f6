import type { LearnedLedger } from '../wax';

/** What learning did to a choice. */
export interface LearnedEffect extends Pick<LearnedLedger, 'here' | 'everywhere'> {
  /** By how much it moved what the snow asks for, °C. */
  shiftC: number;
  /** What would be best without it, where that is another product. */
  insteadOf?: { id: string; name: string };
}

interface Compared {
  equivalentTemperatureC: number;
  ranking: readonly { id: string; name: string; excluded: boolean }[];
}

const bestOf = ({ ranking }: Compared) => ranking.find((one) => !one.excluded);

/** The choice as learned beside that of the house's ledger on the same cases. */
export function learnedEffect(
  learned: LearnedLedger,
  now: Compared,
  house: Compared,
): LearnedEffect {
  const [best, before] = [bestOf(now), bestOf(house)];
  return {
    here: learned.here,
    everywhere: learned.everywhere,
    shiftC: now.equivalentTemperatureC - house.equivalentTemperatureC,
    ...(before && before.id !== best?.id
      ? { insteadOf: { id: before.id, name: before.name } }
      : {}),
  };
}
