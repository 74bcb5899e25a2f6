import type { Iron } from '../iron';
import type { Cabin, PlanWish } from './bench-plan';
import type { LearningWish } from './outcome';
import type { BaseType, Tool } from '../terms';

/** An iron of the team's own, by its name. */
export interface OwnIron extends Omit<Iron, 'setC'> {
  name: string;
}

/** What the team's bench is like, and the schools it follows; see METHOD_GROUPS in the core. */
export interface TeamSettings {
  methods: Record<string, string>;
  ventilated: boolean;
  tools: Tool[];
  baseType: BaseType;
  /** The team's own irons; job sheets reckon with the first. */
  irons: OwnIron[];
  /** Who and what is in the cabin; absent: nobody has said yet. */
  cabin?: Cabin;
  /** What the last plan was asked for. */
  planWish?: PlanWish;
  /** What of the results is left out of learning; absent: nothing. */
  learning?: LearningWish;
}
