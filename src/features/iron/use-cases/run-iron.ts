import type { InferType } from 'yup';
import { DomainError } from '@/core/errors';
import { ironAdvice, ironPasses } from '@/core/iron';
import { MODEL_VERSION } from '@/core/model-version';
import { ironRequestSchema, type ironResponseSchema } from '@/formats/schemas/iron';
import { validate } from '@/formats/schemas/validation';
import { jsonFrom } from '@/formats/json';
import { invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { ironWords } from '@/words/areas/iron';
import { rendered } from '@/words/say';
import { mistakeWords } from '@/words/rendered/mistake';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';

/** Answers of the API are in SI units. */
const WRITE = writerFor(DEFAULT_UNITS);

export type IronResponse = InferType<typeof ironResponseSchema>;

/** Passes of an iron as asked, and what would be better. */
export function runIron(body: unknown): WireResult<IronResponse> {
  const checked = validate(ironRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  try {
    const answer = ironPasses(checked.value);
    const { advice, reason } = ironAdvice(checked.value);
    const warnings = answer.warnings.map((one) => rendered(ironWords.IRON_WARNING, one, WRITE));
    const why = rendered(ironWords.IRON_REASON, reason, WRITE);
    return {
      ok: true,
      value: {
        passes: answer.passes,
        moltenTotalS: answer.moltenTotalS,
        uptakeFraction: answer.uptakeFraction,
        warnings: warnings.map((one) => one.message),
        advice: advice ?? null,
        adviceReason: why.message,
        findings: [...warnings, why],
        modelVersion: MODEL_VERSION,
      },
    };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return invalidInput([{ field: error.field, message: mistakeWords(error) }]);
  }
}

export const ironTask = task('iron', 'quick', (text: string): WireResult<IronResponse> => {
  const body = jsonFrom(text);
  return body.ok ? runIron(body.value) : body;
});

/** Answers a request's text off the event loop. */
export const ironFromText = (text: string) => offLoop(ironTask, text);
