'use client';

import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { pick, type OutingFacts, type PickResult } from '@/core/wax';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { object } from 'yup';
import { moment } from '@/formats/schemas/fields';
import { useDraft } from '@/ui/fields/use-draft';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import { saveChoiceAction } from './actions';
import type { FactsDraft } from './outing-facts-form';

interface PickDraft {
  facts: FactsDraft;
  handCorrectionC: number | undefined;
  takenId?: string;
  note: string;
}

const draftSchema = object({
  facts: outingFactsSchema.shape({ startAt: moment('Start').required('Start is missing.') }),
  handCorrectionC: ownCorrectionC('Correction').required('Enter a correction, or 0.'),
});

function problemsOf(draft: PickDraft): Record<string, string> {
  const checked = validate(draftSchema, draft);
  if (checked.ok) return {};
  return Object.fromEntries(
    checked.problems.map(({ field, message }) => [field.replace(/^facts\./, ''), message]),
  );
}

/** State of the Pick screen: the facts as typed, the choice they give, and saving it. */
export function usePick(outing: Outing, reading: Reading, products: readonly ShownProduct[]) {
  const router = useRouter();
  const { draft: kept, write } = useDraft<PickDraft>(`pick:${outing.id}`);
  const [unsaved, setUnsaved] = useState<PickDraft>();
  const [isSaving, setIsSaving] = useState(false);
  const [failure, setFailure] = useState<string>();
  const [savedId, setSavedId] = useState<string>();

  const draft: PickDraft = unsaved ?? kept ?? startFrom(outing);
  const problems = problemsOf(draft);
  const isSound = Object.keys(problems).length === 0;
  const result = useResult(isSound, draft, outing, reading, products);
  const best = result?.ranking.find((one) => !one.excluded);
  const taken = result?.ranking.find((one) => one.id === draft.takenId && !one.excluded) ?? best;

  const set = (change: Partial<PickDraft>) => {
    const next = { ...draft, ...change };
    setUnsaved(next);
    setSavedId(undefined);
    setFailure(undefined);
    write(next);
  };
  const save = async () => {
    if (!taken || !isSound) return;
    setIsSaving(true);
    try {
      const { startAt, ...facts } = draft.facts;
      const saved = await saveChoiceAction({
        outingId: outing.id,
        readingId: reading.id,
        productId: taken.id,
        facts,
        startAt,
        handCorrectionC: draft.handCorrectionC,
        note: draft.note,
      });
      if (!saved.ok) {
        setFailure(saved.error.message);
        return;
      }
      write(undefined);
      setUnsaved(undefined);
      setSavedId(saved.value.id);
      router.refresh();
    } catch {
      setFailure('Not saved: the server did not answer. What you typed is kept; try again.');
    } finally {
      setIsSaving(false);
    }
  };
  const dismiss = () => setSavedId(undefined);
  return { draft, set, problems, result, best, taken, save, isSaving, failure, savedId, dismiss };
}

const startFrom = (outing: Outing): PickDraft => ({
  facts: {
    discipline: outing.discipline,
    distanceKm: outing.distanceKm,
    purpose: outing.purpose,
    fluorocarbonsAllowed: outing.fluorocarbonsAllowed,
    startAt: outing.startAt,
  },
  handCorrectionC: 0,
  note: '',
});

/** The choice for the draft; while a field is wrong, undefined. */
function useResult(
  isSound: boolean,
  draft: PickDraft,
  outing: Outing,
  reading: Reading,
  products: readonly ShownProduct[],
): PickResult | undefined {
  const { facts, handCorrectionC } = draft;
  return useMemo(() => {
    if (!isSound || products.length === 0) return undefined;
    const own = { venueC: outing.venue.ownCorrectionC, handC: handCorrectionC ?? 0 };
    return pick(reading, facts as OutingFacts, products, own);
  }, [isSound, facts, handCorrectionC, outing, reading, products]);
}
