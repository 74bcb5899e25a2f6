'use client';

import { useEffect, useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { object } from 'yup';
import {
  casesFromReading,
  formAdvice,
  methodsInForce,
  NO_NUDGE,
  type Nudge,
  type RoledProduct,
  type SnowCases,
} from '@/core/choice';
import type { BaseState, ChoiceBasis } from '@/core/terms';
import { basisOf, type OutingFacts } from '@/core/wax';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import type { TeamSettings } from '@/data/team-settings';
import { moment, plainText } from '@/formats/schemas/fields';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { useUnits } from '@/ui/format/units-context';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { casesAction, saveChoiceAction } from './actions';
import type { SeenBase } from './use-cases/seen-base';
import type { FactsDraft } from './outing-facts-form';
import { useChoice } from './use-choice';

interface PickDraft extends FactsDraft {
  handCorrectionC: number | undefined;
  takenId: string | undefined;
  /** Undefined: as the rule says. */
  basis: ChoiceBasis | undefined;
  /** Undefined: as the look-over of the skis says. */
  baseState: BaseState | undefined;
  overrideReason: string;
  note: string;
}

export interface PickGround {
  outing: Outing;
  reading: Reading | undefined;
  /** Every segment and member over the start window; undefined without weather. */
  modelled: SnowCases | undefined;
  shelf: readonly RoledProduct[];
  team: TeamSettings;
  /** What the look-over found on the skis for this outing. */
  seen: SeenBase | undefined;
}

const HOUR_MS = 3_600_000;
const SETTLE_MS = 400;

const draftSchema = outingFactsSchema.concat(
  object({
    startAt: moment('Start').required('Start is missing.'),
    handCorrectionC: ownCorrectionC('Correction').required('Enter a correction, or 0.'),
    overrideReason: plainText('Reason', 300),
    note: plainText('Note', 500),
  }),
);

const resolver = resolverFrom<PickDraft>((draft) => validate(draftSchema, draft));

const startFrom = (outing: Outing): PickDraft => ({
  discipline: outing.discipline,
  distanceKm: outing.distanceKm,
  purpose: outing.purpose,
  fluorocarbonsAllowed: outing.fluorocarbonsAllowed,
  hoursOnSnow: outing.hoursOnSnow,
  startAt: outing.startAt,
  handCorrectionC: 0,
  takenId: undefined,
  basis: undefined,
  baseState: undefined,
  overrideReason: '',
  note: '',
});

/** The facts of the outing among the values of the screen. */
const factsOf = (draft: PickDraft) => ({
  discipline: draft.discipline,
  distanceKm: draft.distanceKm,
  purpose: draft.purpose,
  fluorocarbonsAllowed: draft.fluorocarbonsAllowed,
  hoursOnSnow: draft.hoursOnSnow,
  startAt: draft.startAt,
});

/** The modelled cases for the start and hours as typed; those of the page until they change. */
function useModelled(ground: PickGround, draft: PickDraft): SnowCases | undefined {
  const { outing, modelled } = ground;
  const [fetched, setFetched] = useState<{ key: string; cases: SnowCases | undefined }>();
  const { startAt, hoursOnSnow } = draft;
  const isAsStored = startAt === outing.startAt && hoursOnSnow === outing.hoursOnSnow;
  const key = `${startAt} ${hoursOnSnow ?? ''}`;
  useEffect(() => {
    if (isAsStored || startAt === '') return undefined;
    let isGone = false;
    const timer = setTimeout(() => {
      casesAction(outing.id, startAt, hoursOnSnow).then(
        (done) => !isGone && done.ok && setFetched({ key, cases: done.value }),
        () => undefined,
      );
    }, SETTLE_MS);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, [isAsStored, key, outing.id, startAt, hoursOnSnow]);
  return !isAsStored && fetched?.key === key ? fetched.cases : modelled;
}

/** State of the Pick screen: the facts as typed, the choice they give, and saving it. */
export function usePick(ground: PickGround, nowMs: number) {
  const { outing, reading, shelf, team } = ground;
  const router = useRouter();
  const unit = useUnits().temperature;
  const [savedId, setSavedId] = useState<string>();
  const [nudge, setNudge] = useState<Nudge>(NO_NUDGE);
  const form = useDraftedForm(`pick:${outing.id}`, startFrom(outing), resolver);
  const draft = form.values;
  const modelled = useModelled(ground, draft);
  const rule = useMemo(() => {
    const start = modelled && { snow: { timeMs: Date.parse(outing.startAt) } };
    return basisOf(start, reading && { takenMs: Date.parse(reading.takenAt) });
  }, [modelled, outing.startAt, reading]);
  const canChoose = modelled !== undefined && reading !== undefined;
  const basis = (canChoose ? draft.basis : undefined) ?? rule?.kind ?? 'measured';
  const measured = useMemo(
    () => reading && casesFromReading(reading, Date.parse(outing.startAt)),
    [reading, outing.startAt],
  );
  const cases = basis === 'modelled' ? modelled : measured;
  const products = useMemo(() => shelf.filter((one) => one.role === 'glide'), [shelf]);
  const { discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow } = draft;
  const facts = useMemo(
    () => ({ discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow }),
    [discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow],
  );
  const { startAt, handCorrectionC, takenId } = draft;
  const common = ground.seen?.isCommon ? ground.seen.state : undefined;
  const baseState = draft.baseState ?? common ?? 'in_use';
  const question = useMemo(() => {
    const isSound = validate(draftSchema, { ...facts, startAt, handCorrectionC }).ok;
    if (!isSound || !cases || products.length === 0) return undefined;
    const own = { venueC: outing.venue.ownCorrectionC, handC: handCorrectionC ?? 0 };
    return {
      cases,
      outing: facts as OutingFacts,
      own,
      products,
      shelf,
      nudge,
      unit,
      takenId,
      baseState,
    };
  }, [
    facts,
    startAt,
    handCorrectionC,
    outing,
    cases,
    products,
    shelf,
    nudge,
    unit,
    takenId,
    baseState,
  ]);
  const { choice, problem: choiceProblem } = useChoice(question);

  const best = choice?.ranking.find((one) => !one.excluded);
  const taken = choice?.ranking.find((one) => one.id === draft.takenId && !one.excluded) ?? best;
  const bench = { ...team, hoursLeft: (Date.parse(startAt) - nowMs) / HOUR_MS };
  const advice = choice && formAdvice(bench, facts as OutingFacts, choice.hardness);
  const isNudged = Object.values(nudge).some((value) => value !== 0);
  const isOverruled = best !== undefined && taken !== undefined && taken.id !== best.id;

  const set = (change: Partial<PickDraft>) => {
    setSavedId(undefined);
    form.set(change);
  };
  const save = async () => {
    if (!taken || isNudged) return;
    const saved = await form.submit((values, { key, base }) =>
      saveChoiceAction(key, {
        outingId: outing.id,
        readingId: reading?.id,
        basis,
        productId: taken.id,
        facts,
        startAt: values.startAt,
        handCorrectionC: values.handCorrectionC,
        baseState,
        overrideReason: values.overrideReason,
        note: values.note,
        base: factsOf(base),
      }),
    );
    if (!saved) return;
    setSavedId(saved.id);
    router.refresh();
  };
  return {
    draft,
    base: { state: baseState, seen: ground.seen },
    set,
    nudge,
    setNudge,
    isNudged,
    source: { basis, canChoose, reason: draft.basis ? undefined : rule?.reason },
    problem: form.problem,
    choice,
    choiceProblem,
    products,
    advice,
    methods: methodsInForce(team.methods),
    best,
    taken,
    isOverruled,
    save,
    isSaving: form.isSaving,
    failure: form.failure,
    savedId,
    dismiss: () => setSavedId(undefined),
  };
}

export type PickState = ReturnType<typeof usePick>;
