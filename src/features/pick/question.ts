import {
  NO_NUDGE,
  type ChoiceQuestion,
  type Nudge,
  type RoledProduct,
  type SnowCases,
} from '@/core/choice';
import type { BaseState } from '@/core/terms';
import type { OutingFacts, OwnCorrection } from '@/core/wax';
import { factsOf, type PickDraft } from './pick-draft';

interface Asked {
  /** The venue's own correction, and what was learned there. */
  venue: Omit<OwnCorrection, 'handC'>;
  shelf: readonly RoledProduct[];
  cases: SnowCases | undefined;
  draft: Parameters<typeof factsOf>[0] & Pick<PickDraft, 'startAt' | 'handCorrectionC' | 'takenId'>;
  baseState: BaseState;
  nudge?: Nudge;
  /** No field is wrong, as far as was checked. */
  isSound: boolean;
}

/** What the screen asks the choice for; undefined while a field is wrong, or without snow or glide waxes. */
export function questionOf(asked: Asked): ChoiceQuestion | undefined {
  const { venue, shelf, cases, draft, baseState, nudge = NO_NUDGE, isSound } = asked;
  const { startAt, handCorrectionC, takenId } = draft;
  const facts = factsOf(draft);
  const products = shelf.filter((one) => one.role === 'glide');
  const isWhole = facts.distanceKm !== undefined && startAt !== '' && handCorrectionC !== undefined;
  if (!isSound || !isWhole || !cases || products.length === 0) return undefined;
  return {
    cases,
    outing: facts as OutingFacts,
    own: { ...venue, handC: handCorrectionC },
    products,
    shelf,
    nudge,
    takenId,
    baseState,
  };
}
