import { object } from 'yup';
import type { BaseState, ChoiceBasis } from '@/core/terms';
import type { Outing } from '@/core/model';
import { moment, plainText } from '@/formats/schemas/fields';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import type { FactsDraft } from './outing-facts-form';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.usePick;

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

/** What must hold of it before there is an answer. */
export const draftSchema = outingFactsSchema.concat(
  object({
    startAt: moment(WORDS.start).required(WORDS.startIsMissing),
    handCorrectionC: ownCorrectionC(WORDS.correction).required(WORDS.enterACorrectionOr0),
    overrideReason: plainText(WORDS.reason, 300),
    note: plainText(WORDS.note, 500),
  }),
);

/** The same for the form. */
export const pickResolver = resolverFrom<PickDraft>((draft) => validate(draftSchema, draft));

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
