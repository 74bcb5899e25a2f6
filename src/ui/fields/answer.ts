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
    message: WORDS.notSavedTheServerDid,
    details: [],
  },
};
