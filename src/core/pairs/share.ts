import { leastAssignment } from '../assignment';
import type { RankedPair } from './types';

/** Who wants a pair: what suits them, the best first, and the one that a person gave them. */
export interface PairSeeker {
  id: string;
  ranking: readonly RankedPair[];
  givenSkiId?: string;
}

/** More than any difference in points: to have a pair at all comes first. */
const WITHOUT = 1e6;

/**
 * Which pair each skier of an outing takes, so that nobody shares one and all together stand best: what a person gave
 * stays, the others by the most points in sum. Undefined: no pair is left.
 */
export function sharePairs(seekers: readonly PairSeeker[]): Map<string, string | undefined> {
  const shared = new Map<string, string | undefined>();
  for (const { id, givenSkiId } of seekers) if (givenSkiId) shared.set(id, givenSkiId);
  const taken = new Set(shared.values());
  const open = seekers.filter(({ id }) => !shared.has(id));
  const skis = [
    ...new Set(open.flatMap(({ ranking }) => ranking.map(({ skiId }) => skiId))),
  ].filter((skiId) => !taken.has(skiId));
  const n = Math.max(open.length, 1) + skis.length;
  const cost = new Float64Array(n * n);
  for (let row = 0; row < n; row += 1) {
    const seeker = open[row];
    for (let column = 0; column < n; column += 1) {
      const skiId = skis[column];
      const points = seeker?.ranking.find((one) => one.skiId === skiId)?.points;
      cost[row * n + column] = !seeker ? 0 : points === undefined ? WITHOUT : -points;
    }
  }
  const { columnOf } = leastAssignment(cost, n);
  open.forEach(({ id, ranking }, row) => {
    const skiId = skis[columnOf[row]!];
    shared.set(id, ranking.some((one) => one.skiId === skiId) ? skiId : undefined);
  });
  return shared;
}
