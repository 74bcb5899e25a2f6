import type { BaseType, Form, Tool } from '../terms';
import type { OutingFacts } from '../wax';

/** What the bench can do today. */
export interface Bench {
  hoursLeft: number;
  ventilated: boolean;
  tools: readonly Tool[];
  baseType: BaseType;
}

export interface FormAdvice {
  form: Form;
  how: string;
  reason: string;
}

/** Hot wax with its cooling takes so long, h. */
const HOT_WAX_H = 1;
/** Waxes as hard as this, 0–100, melt unevenly as a block. */
const HARD_FROM = 60;
const LONG_KM = 20;

/** Which form to put the wax on in, and how, from purpose, time, air and tools. */
export function formAdvice(bench: Bench, outing: OutingFacts, hardness: number): FormAdvice {
  const hasIron = bench.tools.includes('ski_iron') || bench.tools.includes('household_iron');
  const cold = (reason: string): FormAdvice =>
    bench.ventilated
      ? {
          form: 'liquid',
          how: 'Shake, sponge on, close the bottle, let it dry, then brush. No flame near.',
          reason,
        }
      : {
          form: 'block',
          how: 'Rub on thin and cork smooth: no heat, no solvent.',
          reason: `${reason} Without fresh air neither iron nor solvent.`,
        };
  if (!hasIron) return cold('There is no iron.');
  if (!bench.ventilated) return cold('The room has no ventilation.');
  if (bench.hoursLeft < HOT_WAX_H) {
    return cold(`Under ${HOT_WAX_H} h is left: hot wax would not cool through.`);
  }
  if (
    bench.baseType === 'extruded' &&
    outing.purpose === 'recreation' &&
    outing.distanceKm < LONG_KM
  )
    return cold('An extruded base takes up little wax from the iron.');
  if (outing.purpose === 'race' && hardness >= HARD_FROM) {
    return {
      form: 'powder',
      how: 'Sprinkle about 1 g a ski, one controlled set of passes.',
      reason: 'A hard wax melts faster and more evenly as powder.',
    };
  }
  return {
    form: 'block',
    how: 'On with the iron, cool, scrape, brush.',
    reason: 'Lasts longest, and there is time.',
  };
}
