import { useEffect, useMemo, useState } from 'react';
import { DomainError } from '@/core/errors';
import { quickAnswer, quickSnow, type QuickAnswer, type QuickInput } from '@/core/quick';
import { SNOW_FIELDS_OF_READING } from '@/core/model';
import type { SnowConditions } from '@/core/wax';
import { quickAddress } from '@/formats/quick-address';
import { useUnits } from '@/ui/format/units-context';
import { fieldsWords } from '@/words/areas/fields';
import { quickScreenWords } from '@/words/screens/quick';
import { mistakeWords } from '@/words/told/mistake';
import type { Units } from '@/words/units';

const WORDS = quickScreenWords.quickScreen;

/** The inputs while they are typed: a figure may be missing. */
export type QuickDraft = Omit<QuickInput, 'snowC' | 'airC' | 'humidityFraction'> & {
  snowC: number | undefined;
  airC: number | undefined;
  humidityFraction: number | undefined;
};

const isFigure = (value: number | undefined) => value !== undefined && Number.isFinite(value);

/** The draft as an input; undefined while a figure that counts is missing. */
function completeOf(draft: QuickDraft): QuickInput | undefined {
  const wanted = draft.by === 'snow' ? draft.snowC : draft.airC;
  if (!isFigure(wanted) || !isFigure(draft.humidityFraction)) return undefined;
  return { ...draft, snowC: draft.snowC ?? 0, airC: draft.airC ?? 0 } as QuickInput;
}

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

interface Answered {
  answer?: QuickAnswer;
  /** Why there is none. */
  problem?: string;
}

function answered(input: QuickInput | undefined, units: Units): Answered {
  if (!input) return { problem: WORDS.fixTheField };
  const problem = outOfRange(quickSnow(input).snow);
  if (problem) return { problem };
  try {
    return { answer: quickAnswer(input) };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { problem: mistakeWords(error, units) };
  }
}

/** The quick answer for what is typed, computed here; the address follows, so that it can be sent on. */
export function useQuick(first: QuickInput) {
  const [draft, setDraft] = useState<QuickDraft>(first);
  const input = useMemo(() => completeOf(draft), [draft]);
  const units = useUnits();
  const { answer, problem } = useMemo(() => answered(input, units), [input, units]);
  const address = answer && input ? quickAddress(input) : undefined;
  useEffect(() => {
    if (address) window.history.replaceState(window.history.state, '', address);
  }, [address]);
  const set = (more: Partial<QuickDraft>) => setDraft((before) => ({ ...before, ...more }));
  return { draft, set, input: answer && input, answer, problem, address };
}

export type QuickState = ReturnType<typeof useQuick>;
