'use client';

import type { Outing, Reading, TeamSettings } from '@/core/model';
import type { OwnCorrection } from '@/core/wax';
import { useEffect, useState } from 'react';
import type { PackedCases, RobustChoice, RoledProduct } from '@/core/choice';
import { readDraft } from '@/ui/fields/draft-store';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { act } from '@/writes/act';
import { CHECKED, draftFrom, factsOf, pickResolver, type PickDraft } from './pick-draft';
import { useAnswer, type PickAnswer } from './use-answer';
import { useDay, type PickDay } from './use-day';
import type { SeenBase } from './use-cases/seen-base';

export interface PickGround {
  outing: Outing;
  reading: Reading | undefined;
  /** Every segment and member over the start window; undefined without weather. */
  modelled: PackedCases | undefined;
  shelf: readonly RoledProduct[];
  team: TeamSettings;
  /** The choice for the outing as it is stored. */
  first: RobustChoice | undefined;
  /** What the look-over found on the skis for this outing. */
  seen: SeenBase | undefined;
  /** The venue's own correction, and what was learned there. */
  own: OwnCorrection;
}

/** The screen's values as typed. */
interface PickForm {
  draft: PickDraft;
  set: (change: Partial<PickDraft>) => void;
  problem: (name: keyof PickDraft) => string | undefined;
}

interface PickSaving {
  save: () => Promise<void>;
  isSaving: boolean;
  failure: string | undefined;
  savedId: string | undefined;
  dismiss: () => void;
}

export interface PickState {
  form: PickForm;
  day: PickDay;
  answer: PickAnswer;
  saving: PickSaving;
}

/** State of the Pick screen: the facts as typed, the day they stand on, the choice they give, and saving it. */
export function usePick(ground: PickGround, nowMs: number): PickState {
  const { outing, reading } = ground;
  const [savedId, setSavedId] = useState<string>();
  const draftKey = `pick:${outing.id}`;
  const form = useDraftedForm(draftKey, draftFrom(outing), pickResolver);
  const draft = form.values;
  const day = useDay(ground, draft);
  const { recheck } = form;
  // A draft of another day may hold what is wrong by now.
  useEffect(() => {
    if (readDraft(draftKey)) recheck(...CHECKED);
  }, [draftKey, recheck]);
  const isSound = CHECKED.every((name) => form.problem(name) === undefined);
  const answer = useAnswer(ground, { draft, day, nowMs, isSound });

  const save = async () => {
    const { taken, whatIf, facts } = answer;
    if (!taken || whatIf.isNudged) return;
    const saved = await form.submit((values, { key, base }) =>
      act('choice.save', key, {
        outingId: outing.id,
        readingId: reading?.id,
        basis: day.source.basis,
        productId: taken.id,
        facts,
        startAt: values.startAt,
        handCorrectionC: values.handCorrectionC,
        baseState: day.base.state,
        overrideReason: values.overrideReason,
        note: values.note,
        base: factsOf(base),
      }),
    );
    if (!saved) return;
    setSavedId(saved.id);
  };
  return {
    form: {
      draft,
      set: (change) => {
        setSavedId(undefined);
        form.set(change);
      },
      problem: form.problem,
    },
    day,
    answer,
    saving: {
      save,
      isSaving: form.isSaving,
      failure: form.failure,
      savedId,
      dismiss: () => setSavedId(undefined),
    },
  };
}
