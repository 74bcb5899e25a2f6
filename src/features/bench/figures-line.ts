import type { ToldStep } from '@/core/bench';
import { temperature } from '@/words/quantities';
import type { Units } from '@/words/units';
import { words } from '@/words';

const WORDS = words.screens.bench.figuresLine;

/** The figures of a step in one line, with their units; `isShort` without the rests, which the bead of the runner keeps. */
export function figuresLine(
  step: Pick<ToldStep, 'figures' | 'waitMin' | 'waitLeastMin'>,
  units: Units,
  isShort = false,
): string {
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
        ? WORDS.onePass
        : isEven
          ? WORDS.passes(passes)
          : WORDS.passesOf(passes, paces),
    rests.length === 0 || isShort ? '' : WORDS.restBetween(rests),
    strokes === undefined ? '' : strokes === 1 ? WORDS.oneStroke : WORDS.strokes(strokes),
    grams === undefined ? '' : `${grams} g`,
    angleDeg === undefined ? '' : `${angleDeg}°`,
    step.waitMin === undefined ? '' : WORDS.minAtLeastMin(step.waitMin, step.waitLeastMin ?? 0),
  ]
    .filter(Boolean)
    .join(' · ');
}
