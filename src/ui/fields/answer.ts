import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.answer;
/** An answer of the server that a control or a form can show. */
export type Answer<R> =
  | { ok: true; value: R }
  | { ok: false; error: { code: string; message: string; details: unknown[] } };

/** What is said when there is no answer at all. */
export const NO_ANSWER: Answer<never> = {
  ok: false,
  error: {
    code: 'no_answer',
    message: WORDS.noAnswer,
    details: [],
  },
};

/** A write that is safe on this device and waits there. */
interface KeptAnswer {
  ok: false;
  error: { code: 'kept'; message: string; details: unknown[] };
}

/** What is said of it. */
export const KEPT: KeptAnswer = {
  ok: false,
  error: { code: 'kept', message: uiScreenWords.outbox.kept, details: [] },
};

export const isKept = <R>(answer: Answer<R>): answer is KeptAnswer =>
  !answer.ok && answer.error.code === KEPT.error.code;
