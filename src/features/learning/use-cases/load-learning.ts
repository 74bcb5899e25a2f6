import type { Outing } from '@/core/model';
import { learn, learnedAt, offsetSdC } from '@/core/learn';
import { FACTOR_SDS, LEARNED_LINES, learnedSdC, type LearnedLine } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { loadLearning, type KnownResult } from '@/server/learning';

/** A coefficient before and after, in what it adds. */
export interface Moved {
  now: number;
  sd: number;
  priorSd: number;
}

/** A result as the list has it: what it was, whether it counts, and by how much it moved this venue. */
export interface ListedResult {
  id: string;
  at: string;
  outingName: string;
  timeZone: string;
  isHere: boolean;
  of: KnownResult['of'];
  /** Nothing can be learned from it: its waxes, its snow or its friction are not known. */
  isMute: boolean;
  counts: boolean;
  /** From before all was forgotten. */
  isForgotten: boolean;
  /** °C on the offset here; 0 where it does not count. */
  movedC: number;
}

export interface LearningView {
  /** Here, °C. */
  offset: Moved;
  here: { tests: number; outcomes: number };
  /** Results that count, everywhere. */
  count: number;
  lines: (Moved & { key: LearnedLine })[];
  /** Spread of the model on a day of middling lines, °C: before and now. */
  spread: { before: number; now: number };
  venues: { id: string; name: string; offsetC: number; sdC: number }[];
  results: ListedResult[];
  sinceAt?: string;
}

const COMMON = LEARNED_LINES.length;

/** All that the Learning screen shows, for the venue of an outing. */
export async function loadLearningView(
  db: FrostDatabase,
  { venue }: Outing,
): Promise<LearningView> {
  const { results, learned, wish } = await loadLearning(db);
  const here = learnedAt(learned, venue.id);
  const house = learnedAt(learn([]), venue.id);
  const own = learned.venues.indexOf(venue.id);
  const movesOf = new Map(learned.moves.map((move) => [move.id, move.by]));
  const movedC = (id: string) => {
    const by = movesOf.get(id);
    return by ? by[COMMON]! + (own < 0 ? 0 : by[COMMON + 1 + own]!) : 0;
  };
  const namesOf = new Map(results.map(({ outing }) => [outing.venue.id, outing.venue.name]));
  const middling = LEARNED_LINES.map(() => 0);
  return {
    offset: {
      now: here.offsetC,
      sd: offsetSdC(here),
      priorSd: offsetSdC(house),
    },
    here: here.here,
    count: here.everywhere,
    lines: LEARNED_LINES.map((key, k) => ({
      key,
      now: here.factors[key],
      sd: Math.sqrt(here.covariance[k]![k]!),
      priorSd: FACTOR_SDS[k]!,
    })),
    spread: { before: learnedSdC(middling, house), now: learnedSdC(middling, here) },
    venues: learned.venues.map((id) => {
      const there = learnedAt(learned, id);
      return {
        id,
        name: namesOf.get(id) ?? id,
        offsetC: there.offsetC,
        sdC: offsetSdC(there),
      };
    }),
    results: results.map(({ id, at, outing, of, result, counts }) => ({
      id,
      at,
      outingName: outing.name,
      timeZone: outing.venue.timeZone,
      isHere: outing.venue.id === venue.id,
      of,
      isMute: result === undefined,
      counts,
      isForgotten: at < (wish.sinceAt ?? ''),
      movedC: movedC(id),
    })),
    ...(wish.sinceAt === undefined ? {} : { sinceAt: wish.sinceAt }),
  };
}
