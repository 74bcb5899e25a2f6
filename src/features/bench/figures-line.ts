import type { Step } from '@/core/bench';
import { temperature } from '@/ui/format/quantities';
import type { Units } from '@/ui/format/units';

/** The figures of a step in one line, with their units. */
export function figuresLine(step: Step, units: Units): string {
  const { temperatureC, passS, passes, strokes, grams, angleDeg } = step.figures;
  return [
    temperatureC === undefined ? '' : temperature(temperatureC, units, 0),
    passS === undefined ? '' : `${passS} s a pass`,
    passes === undefined ? '' : passes === 1 ? '1 pass' : `${passes} passes`,
    strokes === undefined ? '' : strokes === 1 ? '1 stroke' : `${strokes} strokes`,
    grams === undefined ? '' : `${grams} g`,
    angleDeg === undefined ? '' : `${angleDeg}°`,
    step.waitMin === undefined ? '' : `${step.waitMin} min, at least ${step.waitLeastMin} min`,
  ]
    .filter(Boolean)
    .join(' · ');
}
