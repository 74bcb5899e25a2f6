import { DomainError } from '@/core/errors';
import { findFit, fitByRule, type GripFit } from '@/core/grip';
import { fitSchema } from '@/formats/schemas/grip';
import { validate, type Validated } from '@/formats/schemas/validation';
import { mistakeWords } from '@/words/rendered/mistake';
import { fitInputFrom, type FitDraft } from './fit-draft';

/** The pocket that was found, or why the simple rule stands for it. */
export interface Found {
  fit: GripFit;
  problem?: string;
}

/** What is wrong with a pocket as typed, at the fields that it was typed into. */
export function checkFit(draft: FitDraft): Validated<unknown> {
  const checked = validate(fitSchema, fitInputFrom(draft));
  if (checked.ok) return checked;
  const problems = checked.problems.map((one) => ({
    ...one,
    field: one.field.replace(/^feeler\./, ''),
  }));
  return { ok: false, problems };
}

/** The pocket of what is typed. */
export function found(draft: FitDraft): Found {
  const checked = validate(fitSchema, fitInputFrom(draft));
  if (!checked.ok) {
    return { fit: fitByRule(), problem: checked.problems.map((one) => one.message).join(' ') };
  }
  try {
    return { fit: findFit(checked.value) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { fit: fitByRule(), problem: mistakeWords(error) };
  }
}
