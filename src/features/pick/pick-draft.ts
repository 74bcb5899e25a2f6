import type { BaseState, ChoiceBasis } from '@/core/terms';
import type { Outing } from '@/core/model';
import { lateForm } from '@/formats/schemas/form-resolver';
import type { FactsDraft } from './outing-facts-form';

/** What is typed on the Pick screen. */
export interface PickDraft extends FactsDraft {
  handCorrectionC: number | undefined;
  takenId: string | undefined;
  /** Undefined: as the rule says. */
  basis: ChoiceBasis | undefined;
  /** Undefined: as the look-over of the skis says. */
  baseState: BaseState | undefined;
  overrideReason: string;
  note: string;
}

/** The check of it comes after the page. */
export const pickResolver = lateForm<PickDraft>(() =>
  import('./pick-schema').then(({ draftSchema }) => draftSchema),
);

/** What the check is about, beside what a save needs. */
export const CHECKED = [
  'discipline',
  'distanceKm',
  'purpose',
  'fluorocarbonsAllowed',
  'hoursOnSnow',
  'startAt',
  'handCorrectionC',
] as const satisfies readonly (keyof PickDraft)[];

/** The screen as an outing fills it. */
export const draftFrom = (outing: Outing): PickDraft => ({
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
export const factsOf = (draft: FactsDraft) => ({
  discipline: draft.discipline,
  distanceKm: draft.distanceKm,
  purpose: draft.purpose,
  fluorocarbonsAllowed: draft.fluorocarbonsAllowed,
  hoursOnSnow: draft.hoursOnSnow,
  startAt: draft.startAt,
});
