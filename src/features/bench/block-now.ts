import type { Wait } from '@/core/bench';
import type { StationStep, VisitState } from '@/core/plan';

/** A pair within a block, and where it stands. */
export interface BlockPair {
  pairId: string;
  /** The place of the visit in its pair. */
  index: number;
  skiName: string;
  skierName: string;
  state: VisitState;
  jobId: string | undefined;
  /** The wait it is in, if any. */
  wait: Wait | undefined;
}

/** What somebody does now by the plan: the same work on some pairs, one after the other. */
export interface BlockNow {
  planId: string;
  person: string;
  startMs: number;
  endMs: number;
  visit: Pick<StationStep, 'station' | 'productId' | 'ironC'>;
  wax: string | undefined;
  pairs: BlockPair[];
}

/** The name of the block's wax by its id, as the words of a visit ask for it. */
export const productsOf = ({ visit, wax }: BlockNow): Record<string, string> =>
  visit.productId && wax ? { [visit.productId]: wax } : {};
