import { FEELS, GLIDES, type Feel, type Glide } from '../learn';
import type { FieldsOf } from './field';

/** How the skis of a choice were, as said afterwards. */
export interface Outcome {
  id: string;
  choiceId: string;
  glide: Glide;
  feel: Feel;
  createdAt: string;
  removedAt?: string;
}

/** What of the results is left out of learning. */
export interface LearningWish {
  /** Ids of results that do not count. */
  excluded: string[];
  /** Results before this do not count; absent: all do. */
  sinceAt?: string;
}

/** The fields of an outcome: all written once. */
export const OUTCOME_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  choiceId: { type: 'id', isRequired: true },
  glide: { type: 'choice', of: GLIDES, isRequired: true },
  feel: { type: 'choice', of: FEELS, isRequired: true },
  createdAt: { type: 'moment', isRequired: true, isInternal: true },
  removedAt: { type: 'moment', isInternal: true },
} as const satisfies FieldsOf<Outcome>;
