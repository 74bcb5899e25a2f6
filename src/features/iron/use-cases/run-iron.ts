import type { InferType } from 'yup';
import { DomainError } from '@/core/errors';
import { ironAdvice, ironPasses } from '@/core/iron';
import { MODEL_VERSION } from '@/core/model-version';
import { ironRequestSchema, type ironResponseSchema } from '@/formats/schemas/iron';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';

export type IronResponse = InferType<typeof ironResponseSchema>;

/** Passes of an iron as asked, and what would be better. */
export function runIron(body: unknown): WireResult<IronResponse> {
  const checked = validate(ironRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  try {
    const answer = ironPasses(checked.value);
    const { advice, reason } = ironAdvice(checked.value);
    return {
      ok: true,
      value: {
        passes: answer.passes,
        moltenTotalS: answer.moltenTotalS,
        uptakeFraction: answer.uptakeFraction,
        warnings: answer.warnings,
        advice: advice ?? null,
        adviceReason: reason,
        modelVersion: MODEL_VERSION,
      },
    };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return invalidInput([{ field: error.field, message: error.message }]);
  }
}
