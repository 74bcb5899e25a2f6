import type { ToldStep } from '@/core/bench';
import { temperature } from '@/words/quantities';
import type { Units } from '@/words/units';
import { words } from '@/words';

const WORDS = words.screens.bench.figuresLine;

/** The figures of a step in one line, with their units. */
export function figuresLine(
  step: Pick<ToldStep, 'figures' | 'waitMin' | 'waitLeastMin'>,
  units: Units,
): string {
  const { temperatureC, passS, passes, timings, strokes, grams, angleDeg } = step.figures;
  const paces = timings?.map((one) => one.passS) ?? [];
  const rests = timings?.slice(0, -1).map((one) => one.restS) ?? [];
  const isEven = new Set(paces).size <= 1;
  return [
    temperatureC === undefined ? '' : temperature(temperatureC, units, 0),
    passS === undefined ? '' : isEven ? WORDS.sAPass(passS) : WORDS.sEach(paces),
    passes === undefined ? '' : passes === 1 ? WORDS.onePass : WORDS.passes(passes),
    rests.length === 0 ? '' : WORDS.restBetween(rests),
    strokes === undefined ? '' : strokes === 1 ? WORDS.oneStroke : WORDS.strokes(strokes),
    grams === undefined ? '' : `${grams} g`,
    angleDeg === undefined ? '' : `${angleDeg}°`,
    step.waitMin === undefined ? '' : WORDS.minAtLeastMin(step.waitMin, step.waitLeastMin ?? 0),
  ]
    .filter(Boolean)
    .join(' · ');
}
