import { DomainError } from '@/core/errors';
import { SNOW_FIELDS_OF_READING } from '@/core/model';
import { quickAnswer, quickSnow, type QuickAnswer, type QuickInput } from '@/core/quick';
import type { SnowConditions } from '@/core/wax';
import { fieldsWords } from '@/words/areas/fields';

/** What of the snow no reading may say; by the fields of a reading alone, so that the page needs no schema. */
function outOfRange(snow: SnowConditions): string | undefined {
  for (const [key, field] of Object.entries(SNOW_FIELDS_OF_READING)) {
    const value = snow[key as keyof SnowConditions];
    if (field.type !== 'number' || typeof value !== 'number') continue;
    const [low, high] = field.range;
    if (value >= low && value <= high) continue;
    return fieldsWords.READING[key as keyof typeof SNOW_FIELDS_OF_READING].outOfRange;
  }
  return undefined;
}

/** The answer, or why there is none. */
export interface Answered {
  answer?: QuickAnswer;
  problem?: string;
  mistake?: DomainError['mistake'];
}

/** What an input gives. */
export function askQuick(input: QuickInput): Answered {
  const problem = outOfRange(quickSnow(input).snow);
  if (problem) return { problem };
  try {
    return { answer: quickAnswer(input) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { mistake: error.mistake };
  }
}
