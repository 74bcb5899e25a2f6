import type { BaseType, Form, Tool } from '../terms';
import { hasToLast, type OutingFacts } from '../wax';
import { CHOICE } from './figures';
import type { FormReason, FormWork } from './findings';

/** What the bench can do today. */
export interface Bench {
  hoursLeft: number;
  ventilated: boolean;
  tools: readonly Tool[];
  baseType: BaseType;
}

export interface FormAdvice {
  form: Form;
  how: FormWork;
  reasons: FormReason[];
}

const { hotWaxH: HOT_WAX_H, hardFrom: HARD_FROM } = CHOICE;

/** Without heat: a liquid where there is fresh air, else a block rubbed on. */
const cold = (bench: Bench, reason: FormReason): FormAdvice =>
  bench.ventilated
    ? { form: 'liquid', how: { code: 'liquid_cold' }, reasons: [reason] }
    : { form: 'block', how: { code: 'rub_and_cork' }, reasons: [reason, { code: 'no_fresh_air' }] };

/** Which form to put the wax on in, and how, from purpose, time, air and tools. */
export function formAdvice(bench: Bench, outing: OutingFacts, hardness: number): FormAdvice {
  const hasIron = bench.tools.includes('ski_iron') || bench.tools.includes('household_iron');
  if (!hasIron) return cold(bench, { code: 'no_iron' });
  if (!bench.ventilated) return cold(bench, { code: 'no_ventilation' });
  if (bench.hoursLeft < HOT_WAX_H) {
    return cold(bench, { code: 'too_little_time', leastHours: HOT_WAX_H });
  }
  const isShortFun = outing.purpose === 'recreation' && !hasToLast(outing.distanceKm);
  if (bench.baseType === 'extruded' && isShortFun) return cold(bench, { code: 'extruded_base' });
  if (outing.purpose === 'race' && hardness >= HARD_FROM) {
    return {
      form: 'powder',
      how: { code: 'powder_and_iron' },
      reasons: [{ code: 'hard_as_powder' }],
    };
  }
  return { form: 'block', how: { code: 'block_and_iron' }, reasons: [{ code: 'lasts_longest' }] };
}
