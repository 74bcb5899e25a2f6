import { useMemo, useState } from 'react';
import {
  formAdvice,
  methodsInForce,
  NO_NUDGE,
  type Nudge,
  type RobustChoice,
  type RoledProduct,
} from '@/core/choice';
import type { TeamSettings } from '@/core/model';
import type { OutingFacts, OwnCorrection } from '@/core/wax';
import type { PickDraft } from './pick-draft';
import { questionOf } from './question';
import { useChoice } from './use-choice';
import type { PickDay } from './use-day';

interface AnswerGround {
  /** The venue's own correction, and what was learned there. */
  own: OwnCorrection;
  shelf: readonly RoledProduct[];
  team: TeamSettings;
  /** For the outing as it is stored, from the server. */
  first: RobustChoice | undefined;
}

interface Asked {
  draft: PickDraft;
  day: PickDay;
  nowMs: number;
  /** No field is wrong, as far as was checked. */
  isSound: boolean;
}

const HOUR_MS = 3_600_000;

/** The choice that the screen's values give on this day, with what-if moves, and how to put it on. */
export function useAnswer(
  { own, shelf, team, first }: AnswerGround,
  { draft, day: { cases, base }, nowMs, isSound }: Asked,
) {
  const [nudge, setNudge] = useState<Nudge>(NO_NUDGE);
  const products = useMemo(() => shelf.filter((one) => one.role === 'glide'), [shelf]);
  const { discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow } = draft;
  const facts = useMemo(
    () => ({ discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow }),
    [discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow],
  );
  const { startAt, handCorrectionC, takenId } = draft;
  const { state: baseState } = base;
  const question = useMemo(() => {
    const draftNow = { ...facts, startAt, handCorrectionC, takenId };
    return questionOf({ venue: own, shelf, cases, draft: draftNow, baseState, nudge, isSound });
  }, [facts, startAt, handCorrectionC, own, cases, shelf, nudge, takenId, baseState, isSound]);
  const { choice, failure } = useChoice(question, first);
  const best = choice?.ranking.find((one) => !one.excluded);
  const taken = choice?.ranking.find((one) => one.id === takenId && !one.excluded) ?? best;
  const bench = { ...team, hoursLeft: (Date.parse(startAt) - nowMs) / HOUR_MS };
  return {
    facts,
    products,
    choice,
    failure,
    best,
    taken,
    isOverruled: best !== undefined && taken !== undefined && taken.id !== best.id,
    advice:
      choice &&
      formAdvice(bench, facts as OutingFacts, {
        hardness: choice.hardness,
        product: products.find((one) => one.id === taken?.id),
      }),
    methods: methodsInForce(team.methods),
    whatIf: { nudge, setNudge, isNudged: Object.values(nudge).some((value) => value !== 0) },
  };
}

export type PickAnswer = ReturnType<typeof useAnswer>;
