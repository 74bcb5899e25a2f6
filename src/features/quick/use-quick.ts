import { useEffect, useMemo, useState } from 'react';
import type { QuickInput } from '@/core/quick';
import { quickAddress } from '@/formats/quick-address';
import { useLate } from '@/ui/fields/use-late';
import { useUnits } from '@/ui/format/units-context';
import { quickScreenWords } from '@/words/screens/quick';
import { uiScreenWords } from '@/words/screens/ui';
import { mistakeWords } from '@/words/rendered/mistake';
import type { Answered } from './quick-lab';

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

/** What computes the answer comes after the page, which brings its first answer along. */
const lab = () => import('./quick-lab');

/** The quick answer for what is typed, computed here; the address follows, so that it can be sent on. */
export function useQuick(first: QuickInput, firstAnswer: Answered) {
  const [draft, setDraft] = useState<QuickDraft>(first);
  const input = useMemo(() => completeOf(draft), [draft]);
  const units = useUnits();
  const { atHand, isLost } = useLate(lab);
  const isFirst = draft === first;
  /** What computes is still on its way: the answer is the first one, of the first input. */
  const isBehind = input !== undefined && !isFirst && !isLost && !atHand;
  const {
    answer,
    problem: said,
    mistake,
  } = useMemo((): Answered => {
    if (!input) return { problem: WORDS.fixTheField };
    if (isFirst) return firstAnswer;
    if (isLost) return { problem: uiScreenWords.late.lost };
    return atHand ? atHand.askQuick(input) : firstAnswer;
  }, [input, isFirst, firstAnswer, atHand, isLost]);
  const problem = mistake ? mistakeWords({ mistake }, units) : said;
  const asked = isBehind ? first : input;
  const address = answer && asked ? quickAddress(asked) : undefined;
  useEffect(() => {
    if (address) window.history.replaceState(window.history.state, '', address);
  }, [address]);
  const set = (more: Partial<QuickDraft>) => setDraft((before) => ({ ...before, ...more }));
  return { draft, set, input: answer && asked, answer, problem, address, isBehind };
}

export type QuickState = ReturnType<typeof useQuick>;
