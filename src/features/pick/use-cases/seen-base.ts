import { readLookOver, TYPES_FOR } from '@/core/ski';
import type { BaseState, Discipline } from '@/core/terms';
import type { FrostDatabase } from '@/data/database';
import { bySki } from '@/data/by-ski';
import { listFindings } from '@/data/ski-events';
import { listSkis } from '@/data/skis';

/** What the look-over of the skis for an outing says of their bases. */
export interface SeenBase {
  state: BaseState;
  /** The skis it was seen on. */
  names: string[];
  /** Seen on half of the skis for the outing or more: then the choice for all is built about it. */
  isCommon: boolean;
}

/** The worst that stands on the bases of the skis for a discipline; undefined where nothing does. */
export async function seenBase(
  db: FrostDatabase,
  discipline: Discipline,
): Promise<SeenBase | undefined> {
  const [skis, findings] = await Promise.all([listSkis(db), listFindings(db)]);
  const findingsOf = bySki(findings);
  const seen = skis
    .filter((ski) => TYPES_FOR[discipline].includes(ski.type))
    .map((ski) => {
      const own = findingsOf.get(ski.id) ?? [];
      return { name: ski.name, state: readLookOver(own, ski).baseState };
    });
  for (const state of ['burnt', 'dry'] as const) {
    const names = seen.filter((one) => one.state === state).map((one) => one.name);
    if (names.length > 0) return { state, names, isCommon: 2 * names.length >= seen.length };
  }
  return undefined;
}
