'use client';

import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { object } from 'yup';
import type { StartSnow } from '@/core/snow/outlook';
import type { ChoiceBasis } from '@/core/terms';
import {
  basisOf,
  conditionsByAir,
  pick,
  startConditions,
  type OutingFacts,
  type PickResult,
  type SnowConditions,
} from '@/core/wax';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import { moment } from '@/formats/schemas/fields';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import { saveChoiceAction } from './actions';
import type { FactsDraft } from './outing-facts-form';

interface PickDraft extends FactsDraft {
  handCorrectionC: number | undefined;
  takenId: string | undefined;
  /** Undefined: as the rule says. */
  basis: ChoiceBasis | undefined;
  note: string;
}

const draftSchema = outingFactsSchema.concat(
  object({
    startAt: moment('Start').required('Start is missing.'),
    handCorrectionC: ownCorrectionC('Correction').required('Enter a correction, or 0.'),
  }),
);

const resolver = resolverFrom<PickDraft>((draft) => validate(draftSchema, draft));

const startFrom = (outing: Outing): PickDraft => ({
  discipline: outing.discipline,
  distanceKm: outing.distanceKm,
  purpose: outing.purpose,
  fluorocarbonsAllowed: outing.fluorocarbonsAllowed,
  startAt: outing.startAt,
  handCorrectionC: 0,
  takenId: undefined,
  basis: undefined,
  note: '',
});

const factsOf = (draft: PickDraft) => ({
  discipline: draft.discipline,
  distanceKm: draft.distanceKm,
  purpose: draft.purpose,
  fluorocarbonsAllowed: draft.fluorocarbonsAllowed,
});

/** State of the Pick screen: the facts as typed, the choice they give, and saving it. */
export function usePick(
  outing: Outing,
  reading: Reading | undefined,
  start: StartSnow | undefined,
  products: readonly ShownProduct[],
) {
  const router = useRouter();
  const [savedId, setSavedId] = useState<string>();
  const form = useDraftedForm(`pick:${outing.id}`, startFrom(outing), resolver);
  const draft = form.values;
  const rule = useMemo(
    () => basisOf(start, reading && { takenMs: Date.parse(reading.takenAt) }),
    [start, reading],
  );
  const canChoose = start !== undefined && reading !== undefined;
  const basis = (canChoose ? draft.basis : undefined) ?? rule?.kind ?? 'measured';
  const snow = useMemo(
    () => (basis === 'modelled' && start ? startConditions(start, reading) : reading),
    [basis, start, reading],
  );
  const result = useResult(draft, outing, snow, products);
  const byAir = useByAir(draft, outing, snow, products);
  const best = result?.ranking.find((one) => !one.excluded);
  const taken = result?.ranking.find((one) => one.id === draft.takenId && !one.excluded) ?? best;

  const set = (change: Partial<PickDraft>) => {
    setSavedId(undefined);
    form.set(change);
  };
  const save = async () => {
    if (!taken) return;
    const saved = await form.submit((values) =>
      saveChoiceAction({
        outingId: outing.id,
        readingId: reading?.id,
        basis,
        productId: taken.id,
        facts: factsOf(values),
        startAt: values.startAt,
        handCorrectionC: values.handCorrectionC,
        note: values.note,
      }),
    );
    if (!saved) return;
    setSavedId(saved.id);
    router.refresh();
  };
  const { problem, failure, isSaving } = form;
  const dismiss = () => setSavedId(undefined);
  const source = { basis, canChoose, reason: draft.basis ? undefined : rule?.reason };
  return {
    draft,
    set,
    snow,
    source,
    byAir,
    problem,
    result,
    best,
    taken,
    save,
    isSaving,
    failure,
    savedId,
    dismiss,
  };
}

/** The choice for the draft; while a field is wrong, undefined. */
function useResult(
  draft: PickDraft,
  outing: Outing,
  snow: SnowConditions | undefined,
  products: readonly ShownProduct[],
): PickResult | undefined {
  const { discipline, distanceKm, purpose, fluorocarbonsAllowed, startAt, handCorrectionC } = draft;
  return useMemo(() => {
    const facts = { discipline, distanceKm, purpose, fluorocarbonsAllowed };
    const isSound = validate(draftSchema, { ...facts, startAt, handCorrectionC }).ok;
    if (!isSound || !snow || products.length === 0) return undefined;
    const own = { venueC: outing.venue.ownCorrectionC, handC: handCorrectionC ?? 0 };
    return pick(snow, facts as OutingFacts, products, own);
  }, [
    discipline,
    distanceKm,
    purpose,
    fluorocarbonsAllowed,
    startAt,
    handCorrectionC,
    outing,
    snow,
    products,
  ]);
}

/** What going by the air's temperature would choose. */
function useByAir(
  draft: PickDraft,
  outing: Outing,
  snow: SnowConditions | undefined,
  products: readonly ShownProduct[],
) {
  const airSnow = useMemo(() => snow && conditionsByAir(snow), [snow]);
  const choice = useResult(draft, outing, airSnow, products);
  const first = choice?.ranking.find((one) => !one.excluded);
  return first && airSnow && { id: first.id, airTemperatureC: snow!.airTemperatureC! };
}
