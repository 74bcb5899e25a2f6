import type { Form } from '../terms';
import type { RobustChoice } from './choose';
import type { FormAdvice } from './application';
import type { RobustRanked } from './ranking';

const FORM_AS: Record<Form, string> = {
  block: 'as a block',
  powder: 'as powder',
  liquid: 'as a liquid',
  paste: 'as a paste',
  roller_block: 'by roller',
  tube: 'from the tube',
  stick: 'from the stick',
};
const COATS = ['', 'one coat', 'two coats', 'three coats'];
const STRUCTURE_AS = {
  fine: 'fine structure',
  medium: 'medium structure',
  medium_coarse: 'medium coarse structure',
  coarse: 'coarse structure',
  pressed_rills: 'pressed rills',
} as const;

/** Odds as people say them: “7 in 10”. */
export function oddsInWords(probability: number): string {
  if (probability > 0.95) return 'almost certainly';
  if (probability < 0.05) return 'less than 1 time in 10';
  return `${Math.max(1, Math.round(probability * 10))} times in 10`;
}

/**
 * The answer in one sentence: what, in which form and layers, with what structure, how sure, and why.
 * `degrees` writes a temperature in the reader's unit.
 */
export function answerSentence(
  choice: RobustChoice,
  taken: RobustRanked,
  form: FormAdvice,
  degrees: (celsius: number) => string,
): string {
  const { layers } = choice.layerPlan;
  const glide = layers.find((one) => one.place === 'glide');
  const named = (place: string) => layers.find((one) => one.place === place)?.name;
  const parts = [
    `${taken.name} ${FORM_AS[form.form]}`,
    glide && COATS[Math.min(3, glide.coats)],
    named('under') && `over ${named('under')!}`,
    named('top') && `${named('top')!} on top`,
    named('edges') && `${named('edges')!} along the edges`,
    `${STRUCTURE_AS[choice.structure.kind]} of ${choice.structure.widthMm} mm`,
  ].filter(Boolean);
  const sure = `best of the shelf ${oddsInWords(taken.probabilityBest)}`;
  const why = `the snow at ${degrees(choice.snow.temperatureC)} asks for a wax of ${degrees(choice.equivalentTemperatureC)}`;
  return `${parts.join(', ')}: ${sure}, for ${why}.`;
}
