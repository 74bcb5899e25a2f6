import type { Skier, Starter } from '@/core/model';
import type { RankedPair } from '@/core/pairs';

/** Somebody on the list with their pairs, as the screen gets it. */
export interface PairRow {
  starter: Starter;
  skier: Skier;
  ranking: RankedPair[];
  skiId?: string;
}
