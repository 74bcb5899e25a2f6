import { useEffect, useMemo, useState } from 'react';
import { DomainError } from '@/core/errors';
import { quickAnswer, type QuickAnswer, type QuickInput } from '@/core/quick';
import { quickAddress } from '@/formats/quick-address';

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

function answered(input: QuickInput | undefined): QuickAnswer | undefined {
  if (!input) return undefined;
  try {
    return quickAnswer(input);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return undefined;
  }
}

/** The quick answer for what is typed, computed here; the address follows, so that it can be sent on. */
export function useQuick(first: QuickInput) {
  const [draft, setDraft] = useState<QuickDraft>(first);
  const input = useMemo(() => completeOf(draft), [draft]);
  const answer = useMemo(() => answered(input), [input]);
  const address = answer && input ? quickAddress(input) : undefined;
  useEffect(() => {
    if (address) window.history.replaceState(window.history.state, '', address);
  }, [address]);
  const set = (more: Partial<QuickDraft>) => setDraft((before) => ({ ...before, ...more }));
  return { draft, set, input: answer && input, answer, address };
}

export type QuickState = ReturnType<typeof useQuick>;
