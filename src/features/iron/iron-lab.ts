import { DomainError } from '@/core/errors';
import {
  fitContact,
  ironAdvice,
  ironPasses,
  timedPasses,
  type IronAdvice,
  type IronAnswer,
  type IronQuestion,
  type IronVerdict,
} from '@/core/iron';
import { ironRequestSchema } from '@/formats/schemas/iron';
import { validate, type Validated } from '@/formats/schemas/validation';
import { ironScreenWords } from '@/words/screens/iron';
import { bodyOf, productOf, type BenchThings, type IronDraft } from './iron-draft';

const WORDS = ironScreenWords.ironScreen;

/** What the lab says, or why it cannot. */
export type IronResult =
  | {
      question: IronQuestion;
      fit: ReturnType<typeof fitContact> | undefined;
      /** What the person's own setting gives. */
      own: IronAnswer;
      verdict: IronVerdict;
      /** What the advice gives; undefined without one. */
      advised: { question: IronQuestion; answer: IronAnswer } | undefined;
    }
  | { problem: string }
  | Pick<DomainError, 'mistake'>;

function advisedBy(question: IronQuestion, { setC, passes }: IronAdvice) {
  const at = { ...question, iron: { ...question.iron, setC } };
  return { question: at, answer: timedPasses(at, passes) };
}

function computed(question: IronQuestion, draft: IronDraft): IronResult {
  try {
    const { seenPass, seenTrailCm } = draft;
    const isSeen = seenPass !== undefined && seenTrailCm !== undefined && seenPass >= 1;
    const fit = isSeen
      ? fitContact(question, {
          pass: Math.min(12, Math.round(seenPass)),
          trailM: seenTrailCm / 100,
        })
      : undefined;
    const fitted = fit && !fit.isPinned ? { ...question, contact: fit.contact } : question;
    const verdict = ironAdvice(fitted);
    return {
      question: fitted,
      fit,
      own: ironPasses(fitted),
      verdict,
      advised: verdict.advice && advisedBy(fitted, verdict.advice),
    };
  } catch (error) {
    if (error instanceof DomainError) return { mistake: error.mistake };
    throw error;
  }
}

const FIELD: Record<string, string> = {
  'iron.setC': 'setC',
  'ski.lengthM': 'lengthCm',
  'ski.widthM': 'widthMm',
};

/** What is wrong with a bench as typed, at the fields that it was typed into. */
export function checkIron(draft: IronDraft, things: BenchThings): Validated<unknown> {
  const checked = validate(ironRequestSchema, bodyOf(draft, things));
  if (checked.ok) return { ok: true, value: draft };
  return {
    ok: false,
    problems: checked.problems.map((one) => ({ ...one, field: FIELD[one.field] ?? one.field })),
  };
}

/** What the lab says of a bench as typed. */
export function askLab(draft: IronDraft, things: BenchThings): IronResult {
  if (!productOf(draft, things.products)) return { problem: WORDS.noIronWax };
  const checked = validate(ironRequestSchema, bodyOf(draft, things));
  return checked.ok
    ? computed(checked.value, draft)
    : { problem: checked.problems.map((one) => one.message).join(' ') };
}
