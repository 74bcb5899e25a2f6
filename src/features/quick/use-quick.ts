import { useEffect, useMemo, useState } from 'react';
import { DomainError } from '@/core/errors';
import { quickAnswer, quickSnow, type QuickAnswer, type QuickInput } from '@/core/quick';
import { quickAddress } from '@/formats/quick-address';
import { snowSchema } from '@/formats/schemas/snow';
import { validate } from '@/formats/schemas/validation';
import { useUnits } from '@/ui/format/units-context';
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

interface Answered {
  answer?: QuickAnswer;
  /** Why there is none. */
  problem?: string;
}

function answered(input: QuickInput | undefined, units: Units): Answered {
  if (!input) return { problem: WORDS.fixTheField };
  // The same rules as for a reading.
  const checked = validate(snowSchema, quickSnow(input).snow);
  if (!checked.ok) return { problem: checked.problems[0]!.message };
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
