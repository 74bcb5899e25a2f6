import type { RenderedStep } from '@/core/bench';
import { temperature } from '@/words/quantities';
import { span } from '@/words/times';
import type { Units } from '@/words/units';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.figuresLine;

const MINUTE_MS = 60_000;
const minutes = (value: number) => span(value * MINUTE_MS);

/** The figures of a step in one line, with their units, of each ski and for the pair; `isShort` without the rests, which the bead of the runner keeps. */
export function figuresLine(
  step: Pick<RenderedStep, 'figures' | 'waitMin' | 'waitLeastMin'>,
  { units, pieces, isShort = false }: { units: Units; pieces?: 1 | 2; isShort?: boolean },
): string {
  const isPair = pieces === 2;
  const { temperatureC, passS, passes, timings, strokes, grams, angleDeg } = step.figures;
  const paces = timings?.map((one) => one.passS) ?? [];
  const rests = timings?.slice(0, -1).map((one) => one.restS) ?? [];
  const isEven = new Set(paces).size <= 1;
  return [
    temperatureC === undefined ? '' : temperature(temperatureC, units, 0),
    passS === undefined || !isEven ? '' : WORDS.sAPass(passS),
    passes === undefined
      ? ''
      : passes === 1
        ? WORDS.onePass(isPair)
        : isEven
          ? WORDS.passes(passes, isPair)
          : WORDS.passesOf(passes, paces, isPair),
    rests.length === 0 || isShort ? '' : WORDS.restBetween(rests),
    strokes === undefined
      ? ''
      : strokes === 1
        ? WORDS.oneStroke(isPair)
        : WORDS.strokes(strokes, isPair),
    grams === undefined ? '' : WORDS.grams(grams, isPair),
    angleDeg === undefined ? '' : `${angleDeg}°`,
    step.waitMin === undefined
      ? ''
      : WORDS.waitAtLeast(minutes(step.waitMin), minutes(step.waitLeastMin ?? 0)),
  ]
    .filter(Boolean)
    .join(' · ');
}
